@extends('layouts.page')
@section('title', __('Invitation'))
@section('body-class', 'page-sign-in')
@section('content')
    <div class="sign-in">
        <p class="wordmark wordmark-large"><x-logo/>Heurema</p>
        <h1>A seat at {{ $invitation->office->name }}</h1>
        <p>{{ $invitation->user->name }} invites {{ $invitation->email }} as {{ $invitation->role->words() }}.</p>
        <form method="post" action="{{ route('invitations.accept', $token) }}" novalidate>
            @csrf
            <label class="form-label" for="name">Your name</label>
            <input class="form-control" id="name" name="name" maxlength="200" autocomplete="name" value="{{ old('name') }}" required>
            @error('name')<p class="field-error" role="alert">{{ $message }}</p>@enderror
            <label class="form-label" for="password">Password, at least {{ App\Security\UncommonPassword::LEAST }} characters</label>
            <input class="form-control" id="password" name="password" type="password" autocomplete="new-password" required>
            @error('password')<p class="field-error" role="alert">{{ $message }}</p>@enderror
            <label class="form-label" for="password_confirmation">The same once more</label>
            <input class="form-control" id="password_confirmation" name="password_confirmation" type="password" autocomplete="new-password" required>
            <button class="btn btn-primary">Take the seat</button>
        </form>
    </div>
@endsection
