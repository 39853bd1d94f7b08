@extends('layouts.page')
@section('title', __('Code'))
@section('body-class', 'page-sign-in')
@section('content')
    <div class="sign-in">
        <p class="wordmark wordmark-large"><x-logo/>Heurema</p>
        <h1>The code on your telephone</h1>
        <form method="post" action="{{ route('sign-in.code') }}" novalidate>
            @csrf
            <label class="form-label" for="code">Code, or a spare code</label>
            <input class="form-control @error('code') is-invalid @enderror" id="code" name="code" autocomplete="one-time-code" maxlength="20" autofocus required @error('code') aria-describedby="code-error" @enderror>
            @error('code')<p class="field-error" id="code-error">{{ $message }}</p>@enderror
            <button class="btn btn-primary">Sign in</button>
        </form>
    </div>
@endsection
