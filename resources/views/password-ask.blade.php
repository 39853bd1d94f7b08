@extends('layouts.page')
@section('title', __('Forgotten password'))
@section('body-class', 'page-sign-in')
@section('content')
    <div class="sign-in">
        <p class="wordmark wordmark-large"><x-logo/>Heurema</p>
        <h1>Set a new password</h1>
        <form method="post" action="{{ route('password.send') }}" novalidate>
            @csrf
            <label class="form-label" for="email">E-mail</label>
            <input class="form-control" id="email" name="email" type="email" autocomplete="username" value="{{ old('email') }}" required>
            @error('email')<p class="field-error" role="alert">{{ $message }}</p>@enderror
            <button class="btn btn-primary">Send a link</button>
        </form>
    </div>
@endsection
