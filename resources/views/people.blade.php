@extends('layouts.page')
@section('title', __('People'))
@section('body-class', 'page-books')
@section('masthead')
    <a href="{{ route('desk') }}">Desk</a> <span aria-hidden="true">/</span> <h1>People</h1>
@endsection
@section('content')
    <div class="books people">
        @if ($office->removed_at)
            <form class="account-status" method="post" action="{{ route('people.office.return') }}">@csrf<p>{{ $office->name }} was removed on {{ $office->removed_at->translatedFormat(__('j F Y')) }}. On {{ $office->removed_at->addDays(App\Actions\RemovePeople::DAYS)->translatedFormat(__('j F Y')) }} it is gone with all its homes and people.</p>@can('invite', App\Models\User::class)<button class="btn btn-primary">Bring it back</button>@endcan</form>
        @endif
        <table class="schedule">
            <thead><tr><th scope="col">Name</th><th scope="col">E-mail</th><th scope="col">Role</th><th scope="col">Seat</th></tr></thead>
            <tbody>
                @foreach ($people as $person)
                    <tr>
                        <th scope="row">{{ $person->name }}</th><td>{{ $person->email }}</td>
                        <td>
                            @if (auth()->user()->can('update', $person) && !$person->is(auth()->user()))
                                <form class="role-form" method="post" action="{{ route('people.change', $person) }}">@csrf @method('put')
                                    <label class="visually-hidden" for="role-{{ $person->id }}">Role of {{ $person->name }}</label>
                                    <select class="form-select form-select-sm" id="role-{{ $person->id }}" name="role">@foreach (App\Models\Role::cases() as $role)<option value="{{ $role->value }}" @selected($person->role === $role)>{{ $role->words() }}</option>@endforeach</select>
                                    <button class="btn btn-sm btn-quiet">Set</button>
                                </form>
                            @else{{ $person->role->words() }}@endif
                        </td>
                        <td>{{ $person->removed_at ? __('removed, its name gone on :date', ['date' => $person->removed_at->addDays(App\Actions\RemovePeople::DAYS)->translatedFormat(__('j F Y'))]) : ($person->disabled_at ? __('closed since :date', ['date' => $person->disabled_at->translatedFormat(__('j F Y'))]) : ($person->hasCodes() ? __('with a second step') : '')) }}
                            @if (auth()->user()->can('update', $person) && !$person->is(auth()->user()))<form class="role-form" method="post" action="{{ route('people.seat', $person) }}">@csrf @method('put')<input type="hidden" name="open" value="{{ $person->disabled_at ? 1 : 0 }}"><button class="btn btn-sm btn-quiet">{{ $person->disabled_at ? __('Open it again') : __('Close it') }}<span class="visually-hidden"> for {{ $person->name }}</span></button></form>@if ($person->disabled_at && !$person->removed_at)<form class="role-form" method="post" action="{{ route('people.remove', $person) }}">@csrf @method('delete')<button class="btn btn-sm btn-quiet">Remove the account<span class="visually-hidden"> of {{ $person->name }}</span></button></form>@endif @endif
                        </td>
                    </tr>
                @endforeach
                @foreach ($invitations as $invitation)
                    <tr><th scope="row">invited</th><td>{{ $invitation->email }}</td><td>{{ $invitation->role->words() }}, {{ $invitation->isOpen() ? __('until :date', ['date' => $invitation->expires_at->translatedFormat(__('j F Y'))]) : __('expired') }}</td><td>@can('invite', App\Models\User::class)<form class="role-form" method="post" action="{{ route('people.withdraw', $invitation) }}">@csrf @method('delete')<button class="btn btn-sm btn-quiet">Withdraw it<span class="visually-hidden"> from {{ $invitation->email }}</span></button></form>@endcan</td></tr>
                @endforeach
            </tbody>
        </table>
        @error('role')<p class="field-error" role="alert">{{ $message }}</p>@enderror
        @can('invite', App\Models\User::class)
            <form class="intake invite" method="post" action="{{ route('people.invite') }}">
                @csrf<x-once/>
                <h2>Invite somebody</h2>
                <label class="form-label" for="email">E-mail</label>
                <input class="form-control" id="email" name="email" type="email" maxlength="255" required value="{{ old('email') }}">
                @error('email')<p class="field-error" role="alert">{{ $message }}</p>@enderror
                <label class="form-label" for="role">Role</label>
                <select class="form-select" id="role" name="role">@foreach (App\Models\Role::cases() as $role)<option value="{{ $role->value }}" @selected(old('role') === $role->value)>{{ $role->words() }}</option>@endforeach</select>
                <p><button class="btn btn-primary">Invite</button> <a class="tall-link" href="{{ route('outbox') }}">What mail would have gone out</a></p>
            </form>
            <form class="intake invite" method="post" action="{{ route('people.codes') }}">
                @csrf @method('put')
                <h2>Second step at signing in</h2>
                <p>{{ $office->wants_codes ? __('Principals and reviewers sign in with a code of their telephone as well.') : __('Everybody chooses for himself.') }}</p>
                <input type="hidden" name="wanted" value="{{ $office->wants_codes ? 0 : 1 }}">
                <p><button class="btn btn-quiet">{{ $office->wants_codes ? __('Leave it to everybody') : __('Want it of principals and reviewers') }}</button></p>
            </form>
            <form class="intake invite" method="post" action="{{ route('people.paper') }}">
                @csrf @method('put')
                <h2>Letters and sheets</h2>
                <label class="form-label" for="office-paper">Letters are set on</label>
                <select class="form-select" id="office-paper" name="paper"><option value="">what is usual for the home</option>@foreach (App\Sheets\Paper::forLetters() as $paper)<option value="{{ $paper->value }}" @selected($office->paper === $paper->value)>{{ $paper->value }}</option>@endforeach</select>
                <label class="form-label" for="office-fields">Fields of title blocks <span class="optional">one a line</span></label>
                <textarea class="form-control" id="office-fields" name="fields" rows="3" maxlength="2000" placeholder="Telephone: 555 0142">{{ old('fields', App\Sheets\SheetFields::write(App\Sheets\SheetFields::from($office->sheet_fields))) }}</textarea>
                @error('fields')<p class="field-error" role="alert">{{ $message }}</p>@enderror
                <p><button class="btn btn-quiet">Set them</button></p>
            </form>
            <section class="office-log">
                <h2>What is kept</h2>
                <table class="schedule"><thead><tr><th scope="col">What</th><th scope="col">How many</th><th scope="col">Size</th></tr></thead>
                    <tbody>@foreach ($sizes as $what => [$count, $size])<tr><th scope="row">{{ $what }}</th><td>{{ $count }}</td><td>{{ $size }}</td></tr>@endforeach</tbody></table>
            </section>
            <details class="project-remove"><summary>Remove the office</summary>
                <form method="post" action="{{ route('people.office.remove') }}">@csrf @method('delete')<p>Nobody but principals gets in any more; they can bring {{ $office->name }} back for {{ App\Actions\RemovePeople::DAYS }} days. Then all its homes, letters and people are gone.</p>
                    <label class="form-label" for="office-name">Type its name</label> <input class="form-control" id="office-name" name="name" maxlength="200" required autocomplete="off">@error('name')<p class="field-error" role="alert">{{ $message }}</p>@enderror
                    <p><button class="btn btn-sm btn-primary">Remove it</button></p></form>
            </details>
            @if ($entries->isNotEmpty())
                <section class="office-log">
                    <h2>Who changed what</h2>
                    <ul class="log">@foreach ($entries as $entry)<li>{{ $entry->words }} <span class="book-source">{{ $entry->user->name }}, {{ $entry->created_at->translatedFormat(__('j F Y, H:i')) }}</span></li>@endforeach</ul>
                </section>
            @endif
        @endcan
    </div>
@endsection
