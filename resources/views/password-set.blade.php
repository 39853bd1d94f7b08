@extends('layouts.page')
@section('title', __('New password'))
@section('body-class', 'page-sign-in')
@section('content')
    <div class="sign-in">
        <p class="wordmark wordmark-large"><x-logo/>Heurema</p>
        <h1>Set a new password</h1>
        <form method="post" action="{{ route('password.store') }}" novalidate>
            @csrf @method('put')
            <input type="hidden" name="token" value="{{ $token }}"><input type="hidden" name="email" value="{{ $email }}">
            @error('email')<p class="field-error" role="alert">{{ $message }}</p>@enderror
            <label class="form-label" for="password">Password, at least {{ App\Security\UncommonPassword::LEAST }} characters</label>
            <input class="form-control" id="password" name="password" type="password" autocomplete="new-password" required>
            @error('password')<p class="field-error" role="alert">{{ $message }}</p>@enderror
            <label class="form-label" for="password_confirmation">The same once more</label>
            <input class="form-control" id="password_confirmation" name="password_confirmation" type="password" autocomplete="new-password" required>
            <button class="btn btn-primary">Set it</button>
        </form>
    </div>
@endsection
