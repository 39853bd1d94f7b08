@extends('layouts.page')
@section('title', __('Desk'))
@section('body-class', 'page-desk')
@section('masthead', $desk->office->name)
@section('content')
    <div class="desk">
        <div class="desk-head">
            <h1>Reviews in hand</h1>
            <p>{{ trans_choice('{0} No home on the desk yet|{1} One home|[2,*] :count homes', $desk->projects->total()) }}</p>
        </div>
        @if (session('status'))<p class="account-status" role="status">{{ session('status') }}</p>@endif
        <form class="desk-find" method="get" role="search">
            <label for="desk-q">Find</label> <input class="form-control form-control-sm" id="desk-q" name="q" value="{{ $desk->search }}" maxlength="100" placeholder="name or address">
            <label for="desk-state">State</label>
            @php($counts = $desk->states())
            <select class="form-select form-select-sm" id="desk-state" name="state">
                <option value="">any</option>
                <option value="draft" @selected($desk->state === 'draft')>draft ({{ $counts['draft'] ?? 0 }})</option>
                @foreach (App\Models\RevisionState::cases() as $state)<option value="{{ $state->value }}" @selected($desk->state === $state->value)>{{ $state->words() }} ({{ $counts[$state->value] ?? 0 }})</option>@endforeach
            </select>
            <button class="btn btn-sm btn-primary">Show</button>
        </form>
        <div class="desk-body">
            <ul class="projects">
                @forelse ($desk->projects as $project)
                    <li class="project">
                        <a class="project-link" href="{{ $project->latestRevision ? route('review', $project->latestRevision) : route('board', $project->firstScheme) }}">
                            {!! $desk->thumbnail($project) !!}
                            <span class="project-words">
                                <span class="project-name">{{ $project->name }}</span>
                                <span class="project-address">{{ $project->address }}</span>
                                @if ($problem = $desk->problem($project))<span class="field-error">Its drawing cannot be read: {{ $problem }}</span>@endif
                                @if ($project->latestRevision)
                                    <span class="project-when"><span class="state state-{{ $project->latestRevision->state->value }}">{{ $project->latestRevision->state->words() }}</span> {{ $desk->age($project) }}</span>
                                    <span class="project-when">Revision {{ $project->latestRevision->number }} by {{ $project->latestRevision->submitter->name }}, {{ $project->latestRevision->created_at->translatedFormat(__('j F Y')) }}</span>
                                @else
                                    <span class="project-when"><span class="state state-draft">draft</span> {{ $desk->age($project) }}</span>
                                    <span class="project-when">Being drawn, not handed in yet</span>
                                @endif
                            </span>
                            @if ($project->latestRevision)
                                <span class="counts">
                                    @foreach ([Heurema\Review\Verdict::Violated, Heurema\Review\Verdict::Advised, Heurema\Review\Verdict::Undetermined, Heurema\Review\Verdict::Met] as $verdict)
                                        <span class="count count-{{ $verdict->value }}"><x-verdict :verdict="$verdict"/><b>{{ $project->latestRevision->counts[$verdict->value] ?? 0 }}</b> {{ $verdict->words() }}</span>
                                    @endforeach
                                </span>
                            @endif
                        </a>
                    </li>
                @empty
                    <li class="project-none">
                        @if ($desk->search === '' && $desk->state === '')<p>Nothing is here yet. Hand in a home, or draw one: it appears here with what was found.</p><button class="btn btn-primary" form="first-home">Begin with a guided first home</button>
                        @else Nothing like that is on the desk.@endif
                    </li>
                @endforelse
            </ul>
            @if ($desk->projects->hasPages())<p class="pages">@if ($desk->projects->previousPageUrl())<a href="{{ $desk->projects->previousPageUrl() }}">newer</a>@endif @if ($desk->projects->nextPageUrl())<a href="{{ $desk->projects->nextPageUrl() }}">older</a>@endif</p>@endif
            @if (auth()->user()->role === App\Models\Role::Principal && ($removed = $desk->removed())->isNotEmpty())
                <details class="desk-removed"><summary>{{ trans_choice('{1} One home was removed|[2,*] :count homes were removed', $removed->count()) }}</summary>
                    <ul>@foreach ($removed as $project)<li>{{ $project->name }}, {{ $project->removed_at->translatedFormat(__('j F Y')) }}, gone for good on {{ $project->removed_at->addDays(App\Actions\RemoveHome::DAYS)->translatedFormat(__('j F Y')) }} <form method="post" action="{{ route('project.return', $project) }}">@csrf<button class="btn btn-sm btn-quiet">Bring it back<span class="visually-hidden">: {{ $project->name }}</span></button></form></li>@endforeach</ul>
                </details>
            @endif
            <div class="intakes">
            <form class="intake" method="post" action="{{ route('projects.store') }}" enctype="multipart/form-data">
                @csrf<x-once/>
                <h2>Hand in a home</h2>
                <label class="form-label" for="layout">File</label>
                <input class="form-control @isset($refused) is-invalid @endisset" id="layout" name="layout" type="file" accept=".json,.ifc,.ifczip,application/json" required aria-describedby="layout-help @isset($refused) layout-error @endisset">
                @isset($refused)<p class="field-error" id="layout-error" role="alert">{{ $refused }}</p>@endisset
                <p class="field-help" id="layout-help">A building model (.ifc, .ifczip), up to 48 MB, or a Heurema layout document (JSON). <a href="{{ route('example') }}" download>An example home</a> to hand in, or <button class="btn-link-plain" form="first-home">a guided first home</button>.</p>
                <label class="form-label" for="address">Address <span class="optional">if there is one</span></label>
                <input class="form-control" id="address" name="address" maxlength="200" value="{{ request()->input('address') }}">
                <button class="btn btn-primary">Start the review</button>
                @can('takeIn', App\Models\Project::class)
                    <details class="intake-more" @isset($refusedArchive) open @endisset>
                        <summary>Take in a whole project</summary>
                        <label class="form-label" for="archive">Archive <span class="optional">.zip, as a project hands it out</span></label>
                        <input class="form-control @isset($refusedArchive) is-invalid @endisset" id="archive" name="archive" type="file" accept=".zip,application/zip" form="take-in" required aria-describedby="archive-help @isset($refusedArchive) archive-error @endisset">
                        @isset($refusedArchive)<p class="field-error" id="archive-error" role="alert">{{ $refusedArchive }}</p>@endisset
                        <p class="field-help" id="archive-help">Schemes, revisions, rulings, letters and brief as they are there. People who are not in this office are known by their names.</p>
                        <button class="btn btn-primary" form="take-in">Take it in</button>
                    </details>
                @endcan
            </form>
            <form id="first-home" hidden method="post" action="{{ route('guide.begin') }}">@csrf<x-once/></form>
            @can('takeIn', App\Models\Project::class)<form id="take-in" hidden method="post" action="{{ route('archives.store') }}" enctype="multipart/form-data">@csrf<x-once/></form>@endcan
            <form class="intake" method="post" action="{{ route('drawings.store') }}" enctype="multipart/form-data">
                @csrf<x-once/>
                <h2>Draw a home</h2>
                <label class="form-label" for="name">Name</label>
                <input class="form-control" id="name" name="name" maxlength="200" required value="{{ request()->input('name') }}">
                <label class="form-label" for="rooms">Rooms <span class="optional">one a line, or none for an empty board</span></label>
                <textarea class="form-control @isset($refusedDrawing) is-invalid @endisset" id="rooms" name="rooms" rows="4" placeholder="Bedroom 11' x 12'4" @isset($refusedDrawing) aria-describedby="rooms-error" @endisset>{{ request()->input('rooms') }}</textarea>
                <label class="as-blocks"><input type="checkbox" name="as_blocks" value="1" @checked(request()->boolean('as_blocks'))> as blocks to arrange before walls are made</label>
                @isset($refusedDrawing)<div id="rooms-error" role="alert">@foreach ($refusedDrawing as $problem)<p class="field-error">{{ $problem }}</p>@endforeach</div>@endisset
                <div class="intake-choices">
                    @php($usual = App\Examination\Country::tryFrom((string) request()->input('country')) ?? $desk->country())
                    <label>Built in <select name="country" data-sets-units>@foreach (App\Examination\Country::cases() as $country)<option value="{{ $country->value }}" data-units="{{ $country->units()->value }}" @selected($country === $usual)>{{ $country->words() }}</option>@endforeach</select></label>
                    <label>Units <select name="units">@foreach (['imperial' => __('feet and inches'), 'metric' => __('metric')] as $units => $label)<option value="{{ $units }}" @selected((request()->input('units') ?? $usual->units()->value) === $units)>{{ $label }}</option>@endforeach</select></label>
                    <label>Sizes are <select name="between">@foreach (Heurema\Layout\Intake\RoomSize::cases() as $size)<option value="{{ $size->value }}" @selected(request()->input('between') === $size->value)>{{ $size->words() }}</option>@endforeach</select></label>
                </div>
                <details class="intake-more" @if (request()->input('copy_of')) open @endif>
                    <summary>From a picture, a file or another home</summary>
                    <label class="form-label" for="file">Building model or layout <span class="optional">.ifc, .ifczip or .json</span></label>
                    <input class="form-control" id="file" name="file" type="file" accept=".json,.ifc,.ifczip,application/json">
                    <label class="form-label" for="picture">Picture to draw over <span class="optional">PNG, JPEG or PDF</span></label>
                    <span class="intake-picture"><input class="form-control" id="picture" name="picture" type="file" accept="image/png,image/jpeg,application/pdf"><label>page <input name="page" type="number" min="1" max="500" value="1"></label></span>
                    <label class="form-label" for="copy-of">A copy of</label>
                    <select id="copy-of" name="copy_of"><option value="">none</option>@foreach ($desk->schemes() as $id => $name)<option value="{{ $id }}" @selected(request()->input('copy_of') === (string) $id)>{{ $name }}</option>@endforeach</select>
                </details>
                <button class="btn btn-primary">To the board</button>
            </form>
            </div>
        </div>
    </div>
@endsection
