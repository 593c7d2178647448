<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Not reachable just now · Wheatear</title>
    @vite(['resources/css/app.scss'])
</head>
<body>
<main class="container" id="main">
    <h1>Not reachable just now</h1>
    <p>Wait a moment and load the page again.</p>
</main>
</body>
</html>
