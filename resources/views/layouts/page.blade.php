<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    <meta name="htmx-config" content='{"allowEval": false, "includeIndicatorStyles": false, "historyCacheSize": 0, "responseHandling": [{"code": "204", "swap": false}, {"code": "[23]..", "swap": true}, {"code": "409|422", "swap": true, "error": false}, {"code": "[45]..", "swap": false, "error": true}]}'>
    @yield('head')
    <title>@yield('title') · Heurema</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss', 'resources/js/app.js'])
</head>
<body class="@yield('body-class')">
    <a class="skip-link" href="#main">Skip to the content</a>
    @auth
        <header class="masthead">
            <a class="wordmark" href="{{ route('desk') }}"><x-logo/>Heurema</a>
            <div class="masthead-title">@yield('masthead')</div>
            <div class="masthead-person">
                <a href="{{ route('rule-books') }}">Rule books</a>
                <a href="{{ route('people') }}">People</a>
                <span><a href="{{ route('account') }}">{{ auth()->user()->name }}</a>, {{ auth()->user()->role->value }}</span>
                <form method="post" action="{{ route('sign-out') }}">@csrf<button class="btn btn-quiet">Sign out</button></form>
            </div>
        </header>
    @endauth
    <main id="main" tabindex="-1">@yield('content')</main>
    @yield('after')
</body>
</html>
