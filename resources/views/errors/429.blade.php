<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Too many tries · Wheatear</title>
    @vite(['resources/css/app.scss'])
</head>
<body>
<main class="container" id="main">
    <h1>Too many tries</h1>
    <p>Wait a minute, then try again.</p>
</main>
</body>
</html>
