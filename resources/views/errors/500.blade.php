<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Something went wrong here · Wheatear</title>
    @vite(['resources/css/app.scss'])
</head>
<body>
<main class="container" id="main">
    <h1>Something went wrong here</h1>
    <p>The fault is ours, and it was written down. Go back and try again; trials that were logged are safe.</p>
</main>
</body>
</html>
