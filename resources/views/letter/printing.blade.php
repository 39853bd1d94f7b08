@extends('layouts.page')
@section('title', __('The letter is being set'))
@section('body-class', 'page-sign-in')
@section('head')<meta http-equiv="refresh" content="1">@endsection
@section('content')
    <div class="sign-in">
        <h1>The letter is being set into pages</h1>
        <p role="status">It opens here as soon as it is ready, usually within a few seconds.</p>
    </div>
@endsection
