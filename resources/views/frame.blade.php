<!doctype html>
<html lang="{{ $language }}"@if ($gallery !== '') data-frame="{{ $gallery }}"@endif>
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<title>{{ $title }}</title>
{{-- What a click leads to stands in a window of its own: this one is a part of somebody else's page. --}}
<base target="_blank">
<style>:root{color-scheme:light dark;color:CanvasText;{{ $ground }}}body{display:flow-root;margin:0;font:16px/{{ $line }}px system-ui,sans-serif}</style>
{!! $head !!}
</head>
<body>
<main>
@if ($heading !== '')
<h1 style="position:absolute;width:1px;height:1px;margin:0;overflow:hidden;clip-path:inset(50%);white-space:nowrap">{{ $heading }}</h1>
@endif
{!! $body !!}
</main>
</body>
</html>
