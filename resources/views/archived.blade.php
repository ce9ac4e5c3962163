<!doctype html>
<html lang="{{ $language }}"@if ($rightToLeft) dir="rtl"@endif>
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ $title }}</title>
<style>:root{color-scheme:light dark;background:Canvas;color:CanvasText}body{max-width:{{ $width }}px;margin:0 auto;padding:16px {{ $margin }}px 48px;font:16px/1.5 system-ui,sans-serif}h1{font-size:1.6em}</style>
<link rel="stylesheet" href="{{ $up }}gallery.css">
{!! $head !!}
</head>
<body>
<main>
{!! $body !!}
</main>
</body>
</html>
