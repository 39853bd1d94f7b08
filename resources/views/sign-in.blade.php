@extends('layouts.page')
@section('title', __('Sign in'))
@section('body-class', 'page-sign-in')
@section('content')
    <div class="sign-in">
        <p class="wordmark wordmark-large"><x-logo/>Heurema</p>
        <h1>Every limit, measured on the plan.</h1>
        <form method="post" action="{{ route('sign-in') }}" novalidate>
            @csrf
            <label class="form-label" for="email">E-mail</label>
            <input class="form-control @error('email') is-invalid @enderror" id="email" name="email" type="email" autocomplete="username" value="{{ old('email') }}" autofocus required @error('email') aria-describedby="email-error" @enderror>
            @error('email')<p class="field-error" id="email-error">{{ $message }}</p>@enderror
            <label class="form-label" for="password">Password</label>
            <input class="form-control @error('password') is-invalid @enderror" id="password" name="password" type="password" autocomplete="current-password" required @error('password') aria-describedby="password-error" @enderror>
            @error('password')<p class="field-error" id="password-error">{{ $message }}</p>@enderror
            <label class="form-check"><input class="form-check-input" type="checkbox" name="remember" value="1"> <span>Stay signed in</span></label>
            @if (session('status'))<p class="field-help" role="status">{{ session('status') }}</p>@endif
            <button class="btn btn-primary">Sign in</button>
            <p><a class="tall-link" href="{{ route('password.ask') }}">Forgotten your password?</a></p>
        </form>
    </div>
@endsection
