<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Zinc Pane</title>
<link rel="icon" href="/favicon.svg" type="image/svg+xml">
@vite('resources/studio/main.ts')
</head>
<body>
<div id="studio"><h1 class="opening">Opening the studio …</h1></div>
<noscript>The studio needs JavaScript. What visitors see works without.</noscript>
</body>
</html>
