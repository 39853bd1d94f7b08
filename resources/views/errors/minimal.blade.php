@extends('layouts.page')
@section('title')
{!! trim($__env->yieldContent('message')) !!}
@endsection
@section('body-class', 'page-sign-in')
@section('content')
    <div class="sign-in">
        <h1>@yield('message')</h1>
        <p>The server answered @yield('code'). What was stored before is as it was.</p>
        <a class="btn btn-primary" href="/">To the desk</a>
    </div>
@endsection
