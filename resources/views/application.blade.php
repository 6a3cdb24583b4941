<!doctype html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Lernfall</title>
    <link rel="icon" href="data:,">
    @viteReactRefresh
    @vite('resources/js/main.tsx')
</head>
<body>
    <div id="root"></div>
    <noscript>Lernfall needs JavaScript to draw the bay.</noscript>
</body>
</html>
