<!doctype html>
<html lang="{{ words()->reader->locale() }}">
<head>
    <meta charset="utf-8">
    <title>{{ say("paper.title.{$report->kind->value}", ['dog' => $report->dog->name]) }}</title>
    <style>{!! $styles !!}</style>
</head>
<body>
@include('partials.report')
</body>
</html>
