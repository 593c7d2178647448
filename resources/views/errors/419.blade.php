<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>The page was open too long · Wheatear</title>
    @vite(['resources/css/app.scss'])
</head>
<body>
<main class="container" id="main">
    <h1>The page was open too long</h1>
    <p>For safety the page has to be fresh. Go back, reload it, and send again; what you typed is still in the form.</p>
</main>
</body>
</html>
