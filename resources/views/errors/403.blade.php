<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Not yours to change · Wheatear</title>
    @vite(['resources/css/app.scss'])
</head>
<body>
<main class="container" id="main">
    <h1>Not yours to change</h1>
    <p>{{ $exception->getMessage() ?: "Your role in this practice does not include this." }} Ask the owner of the practice if it should.</p>
</main>
</body>
</html>
