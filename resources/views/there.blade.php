<!doctype html>
<html lang="en"@if ($rightToLeft) dir="rtl"@endif>
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>A page elsewhere</title>
<style>{!! $style !!}</style>
{!! $head !!}
</head>
<body>
<main>
<h1>Notes from a walk</h1>
<p>We went out along the creek before the tide came in, and met people who had been there since the morning.</p>
@foreach ($pieces as $piece)
{!! $piece !!}
<p>On the way back the wind had turned. There will be more to tell next week.</p>
@endforeach
</main>
</body>
</html>
