@extends('layouts.page')
@section('title', __('Your account'))
@section('body-class', 'page-books')
@section('masthead')
    <a href="{{ route('desk') }}">Desk</a> <span aria-hidden="true">/</span> <h1>Your account</h1>
@endsection
@section('content')
    <div class="books account">
        @if (session('status'))<p class="account-status" role="status">{{ session('status') }}</p>@endif
        <section>
            <h2>How pages look</h2>
            <form class="account-form" method="post" action="{{ route('account.look') }}">
                @csrf @method('put')
                <label class="form-label" for="language">Language</label><select class="form-select" id="language" name="language"><option value="">that of the browser</option>@foreach (Heurema\Language\Language::cases() as $language)<option value="{{ $language->value }}" lang="{{ $language->value }}" @selected($language === $user->language)>{{ $language->name() }}</option>@endforeach</select>
                @error('language')<p class="field-error" role="alert">{{ $message }}</p>@enderror
                <label class="form-label" for="light">Light</label><select class="form-select" id="light" name="light">@foreach (App\Models\Light::cases() as $light)<option value="{{ $light->value }}" @selected($light === $user->light)>{{ $light->words() }}</option>@endforeach</select>
                @error('light')<p class="field-error" role="alert">{{ $message }}</p>@enderror
                <label class="form-label" for="density">Text</label><select class="form-select" id="density" name="density">@foreach (App\Models\Density::cases() as $density)<option value="{{ $density->value }}" @selected($density === $user->density)>{{ $density->words() }}</option>@endforeach</select>
                @error('density')<p class="field-error" role="alert">{{ $message }}</p>@enderror
                <p><button class="btn btn-primary">Keep it so</button></p>
            </form>
        </section>
        <section>
            <h2>Password</h2>
            <form class="account-form" method="post" action="{{ route('account.password') }}">
                @csrf @method('put')
                <input class="visually-hidden" name="username" type="text" value="{{ $user->email }}" autocomplete="username" tabindex="-1" aria-hidden="true" readonly>
                <label class="form-label" for="current">Your password now</label><input class="form-control" id="current" name="current" type="password" autocomplete="current-password" required>
                @error('current')<p class="field-error" role="alert">{{ $message }}</p>@enderror
                <label class="form-label" for="password">The new one, at least {{ App\Security\UncommonPassword::LEAST }} characters</label><input class="form-control" id="password" name="password" type="password" autocomplete="new-password" required>
                @error('password')<p class="field-error" role="alert">{{ $message }}</p>@enderror
                <label class="form-label" for="password_confirmation">The same once more</label><input class="form-control" id="password_confirmation" name="password_confirmation" type="password" autocomplete="new-password" required>
                <p><button class="btn btn-primary">Set it and sign out everywhere else</button></p>
            </form>
        </section>
        <section>
            <h2>Second step at signing in</h2>
            @if (session('spare'))
                <div class="account-status" role="status"><p>The second step is set up. Each of these spare codes signs you in once, when the telephone is not at hand. They are shown this once: write them down.</p><ul class="spare-codes">@foreach (session('spare') as $code)<li><code>{{ $code }}</code></li>@endforeach</ul></div>
            @endif
            @if ($user->hasCodes())
                <p>Set up {{ $user->code_confirmed_at->translatedFormat(__('j F Y')) }}. {{ count($user->spare_codes ?? []) }} spare codes are left.</p>
                <form class="account-form" method="post" action="{{ route('account.codes.drop') }}">
                    @csrf @method('delete')
                    <label class="form-label" for="current-codes">Your password</label><input class="form-control" id="current-codes" name="current" type="password" autocomplete="current-password" required>
                    <p><button class="btn btn-quiet">Take the second step away</button></p>
                </form>
            @elseif ($codeAddress)
                <p>Add an account to the app for one-time codes on your telephone by typing this key, or open <a href="{{ $codeAddress }}">this link</a> on the telephone. Then type the code that it shows.</p>
                <p><code class="code-secret">{{ implode(' ', str_split($user->code_secret, 4)) }}</code></p>
                <form class="account-form" method="post" action="{{ route('account.codes.confirm') }}">
                    @csrf @method('put')
                    <label class="form-label" for="code">Code</label><input class="form-control" id="code" name="code" inputmode="numeric" autocomplete="one-time-code" maxlength="20" required>
                    @error('code')<p class="field-error" role="alert">{{ $message }}</p>@enderror
                    <p><button class="btn btn-primary">Set it up</button></p>
                </form>
            @else
                <p>With a second step nobody signs in by your password alone: a code that an app on your telephone shows is typed as well.</p>
                <form method="post" action="{{ route('account.codes.begin') }}">@csrf<button class="btn btn-primary">Begin</button></form>
            @endif
        </section>
        <section>
            <h2>Where you are signed in</h2>
            <table class="schedule">
                <thead><tr><th scope="col">Browser</th><th scope="col">From</th><th scope="col">Last seen</th><th scope="col"><span class="visually-hidden">End it</span></th></tr></thead>
                <tbody>
                    @foreach ($sessions as $session)
                        <tr><th scope="row">{{ $session->browser() }}@if ($isThis($session)) (this one)@endif</th><td>{{ $session->address ?? __('an unknown address') }}</td><td>{{ $session->seen_at->diffForHumans() }}</td>
                            <td>@unless ($isThis($session))<form method="post" action="{{ route('account.sessions.end', $session->id) }}">@csrf @method('delete')<button class="btn btn-quiet btn-sm">End it</button></form>@endunless</td></tr>
                    @endforeach
                </tbody>
            </table>
            <form method="post" action="{{ route('account.sessions.end-others') }}">@csrf @method('delete')<p><button class="btn btn-quiet">Sign out everywhere else</button></p></form>
        </section>
        <section>
            <h2>Tokens for programs</h2>
            <p>A program that holds a token uses the <a href="{{ route('api.description') }}">API</a> in your name: it checks homes, reads reports and the state of reviews and, where you allow it, hands in.</p>
            @if (session('token'))
                <div class="account-status" role="status"><p>The token is shown this once: copy it into the program.</p><p><code class="code-secret">{{ session('token') }}</code></p></div>
            @endif
            @if ($tokens->isNotEmpty())
                <table class="schedule">
                    <thead><tr><th scope="col">Token</th><th scope="col">May</th><th scope="col">Last used</th><th scope="col">Expires</th><th scope="col"><span class="visually-hidden">Withdraw it</span></th></tr></thead>
                    <tbody>
                        @foreach ($tokens as $token)
                            <tr><th scope="row">{{ $token->name }}</th><td>{{ ($token->can('hand-in') ? App\Security\TokenAbility::HandIn : App\Security\TokenAbility::Read)->words() }}</td><td>{{ $token->last_used_at?->diffForHumans() ?? __('never') }}</td><td>{{ $token->expires_at?->isPast() ? __('ended') : '' }} {{ $token->expires_at?->translatedFormat(__('j F Y')) }}</td>
                                <td><form method="post" action="{{ route('account.tokens.withdraw', $token->id) }}">@csrf @method('delete')<button class="btn btn-quiet btn-sm">Withdraw</button></form></td></tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
            <form class="account-form" method="post" action="{{ route('account.tokens.make') }}">
                @csrf
                <label class="form-label" for="token-name">What it is for</label><input class="form-control" id="token-name" name="name" maxlength="100" value="{{ old('name') }}" autocomplete="off" required>
                @error('name', 'token')<p class="field-error" role="alert">{{ $message }}</p>@enderror
                <label class="form-label" for="token-ability">It may</label><select class="form-select" id="token-ability" name="ability">@foreach (App\Security\TokenAbility::cases() as $ability)<option value="{{ $ability->value }}" @selected(old('ability') === $ability->value)>{{ $ability->words() }}</option>@endforeach</select>
                <label class="form-label" for="token-days">It ends after</label><select class="form-select" id="token-days" name="days">@foreach (App\Http\Requests\TokenRequest::DAYS as $days)<option value="{{ $days }}" @selected((int) old('days', 90) === $days)>{{ $days }} days</option>@endforeach</select>
                <label class="form-label" for="current-token">Your password</label><input class="form-control" id="current-token" name="current" type="password" autocomplete="current-password" required>
                @error('current', 'token')<p class="field-error" role="alert">{{ $message }}</p>@enderror
                <p><button class="btn btn-primary">Make a token</button></p>
            </form>
        </section>
    </div>
@endsection
