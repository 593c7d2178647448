<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Not found · Wheatear</title>
    @vite(['resources/css/app.scss'])
</head>
<body>
<main class="container" id="main">
    <h1>Not found</h1>
    <p>There is nothing here, or it is not in your practice. Go back to <a href="/">Today</a>.</p>
</main>
</body>
</html>
