{{-- Nothing here may need a session or the database: one of them is what is away. --}}
<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Away for a moment · Heurema</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @vite('resources/scss/app.scss')
</head>
<body class="page-sign-in">
    <main id="main"><div class="sign-in">
        <h1>Away for a moment</h1>
        <p>{{ $what }} Whoever runs this installation has to see to it; /up tells what is gone.</p>
        <p>What was stored is as it was. Edits that were not stored yet wait in the board that they were made on.</p>
        <a class="btn btn-primary" href="/">Try again</a>
    </div></main>
</body>
</html>
