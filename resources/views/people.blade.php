@extends('layouts.page')
@section('title', 'People')
@section('body-class', 'page-books')
@section('masthead')
    <a href="{{ route('desk') }}">Desk</a> <span aria-hidden="true">/</span> <h1>People</h1>
@endsection
@section('content')
    <div class="books people">
        <table class="schedule">
            <thead><tr><th scope="col">Name</th><th scope="col">E-mail</th><th scope="col">Role</th></tr></thead>
            <tbody>
                @foreach ($people as $person)
                    <tr>
                        <th scope="row">{{ $person->name }}</th><td>{{ $person->email }}</td>
                        <td>
                            @if (auth()->user()->can('change', $person) && !$person->is(auth()->user()))
                                <form class="role-form" method="post" action="{{ route('people.change', $person) }}">@csrf @method('put')
                                    <label class="visually-hidden" for="role-{{ $person->id }}">Role of {{ $person->name }}</label>
                                    <select class="form-select form-select-sm" id="role-{{ $person->id }}" name="role">@foreach (App\Models\Role::cases() as $role)<option @selected($person->role === $role)>{{ $role->value }}</option>@endforeach</select>
                                    <button class="btn btn-sm btn-quiet">Set</button>
                                </form>
                            @else{{ $person->role->value }}@endif
                        </td>
                    </tr>
                @endforeach
                @foreach ($invitations as $invitation)
                    <tr><th scope="row">invited</th><td>{{ $invitation->email }}</td><td>{{ $invitation->role->value }}, {{ $invitation->isOpen() ? 'until '.$invitation->expires_at->format('j F Y') : 'expired' }}</td></tr>
                @endforeach
            </tbody>
        </table>
        @error('role')<p class="field-error" role="alert">{{ $message }}</p>@enderror
        @can('invite', App\Models\User::class)
            <form class="intake invite" method="post" action="{{ route('people.invite') }}">
                @csrf
                <h2>Invite somebody</h2>
                <label class="form-label" for="email">E-mail</label>
                <input class="form-control" id="email" name="email" type="email" maxlength="255" required value="{{ old('email') }}">
                @error('email')<p class="field-error" role="alert">{{ $message }}</p>@enderror
                <label class="form-label" for="role">Role</label>
                <select class="form-select" id="role" name="role">@foreach (App\Models\Role::cases() as $role)<option @selected(old('role') === $role->value)>{{ $role->value }}</option>@endforeach</select>
                <p><button class="btn btn-primary">Invite</button> <a href="{{ route('outbox') }}">What mail would have gone out</a></p>
            </form>
        @endcan
    </div>
@endsection
