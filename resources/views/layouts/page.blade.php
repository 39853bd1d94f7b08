<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}" @auth data-light="{{ auth()->user()->light->value }}" data-density="{{ auth()->user()->density->value }}" @endauth>
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
    <div class="working" id="working" role="status" hidden><span class="visually-hidden">Please wait</span></div>
    @auth
        <header class="masthead">
            <a class="wordmark" href="{{ route('desk') }}"><x-logo/>Heurema</a>
            <div class="masthead-title">@yield('masthead')</div>
            <div class="masthead-person">
                <button type="button" class="btn btn-quiet search-open" data-opens-search aria-haspopup="dialog" aria-label="Search" title="Search (Ctrl K or /)"><svg viewBox="0 0 16 16" width="16" height="16" aria-hidden="true"><circle cx="6.5" cy="6.5" r="4.2"/><path d="M9.7 9.7L14 14"/></svg></button>
                <a href="{{ route('help.page', App\Pages\HelpPage::beside(request()->route()?->getName())) }}">Help</a>
                <a href="{{ route('rule-books') }}">Rule books</a>
                <a href="{{ route('people') }}">People</a>
                <span><a href="{{ route('account') }}">{{ auth()->user()->name }}</a><span class="masthead-role">, {{ auth()->user()->role->words() }}</span></span>
                <form method="post" action="{{ route('sign-out') }}">@csrf<button class="btn btn-quiet">Sign out</button></form>
            </div>
        </header>
    @endauth
    @yield('guide')
    <main id="main" tabindex="-1">@yield('content')</main>
    @yield('after')
    @auth
        <dialog class="keys search" id="search" aria-labelledby="search-title" data-address="{{ route('search') }}" data-scheme="{{ data_get(request()->route('scheme'), 'id') }}" data-revision="{{ data_get(request()->route('revision'), 'id') }}">
            <h2 id="search-title">Search</h2>
            <label class="visually-hidden" for="search-words">Pages, homes, rooms, marks, findings, rules, and what can be done here</label>
            <input id="search-words" type="search" maxlength="100" placeholder="Pages, homes, rooms, marks, findings, rules, what can be done here" autocomplete="off">
            <div id="search-done"></div>
            <div id="search-found" aria-live="polite"></div>
            <form method="dialog"><button class="btn btn-primary">Close</button></form>
        </dialog>
    @endauth
</body>
</html>
