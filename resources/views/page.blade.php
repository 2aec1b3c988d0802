<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <meta name="style-nonce" content="{{ Vite::cspNonce() }}">
    <title>Lamp Thread</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @vite('resources/js/main.tsx')
</head>
<body>
    <div id="page"></div>
    <noscript>Lamp Thread needs JavaScript.</noscript>
</body>
</html>
