<section class="evidence inspector" id="inspector" data-chosen="{{ $page->chosen?->id() }}" data-list="{{ $page->chosen?->list }}">
    @if (count($page->several) > 1)
        @include('board.inspector.several')
    @elseif ($page->chosen)
        <h2>{{ $page->called($page->chosen) }}</h2>
        @include('board.inspector.values')
        @includeWhen($page->isChosen('walls'), 'board.inspector.wall')
        @if ($page->isChosen('storeys'))@include('board.inspector.own-fields', ['act' => 'storey-level', 'own' => [App\Board\Acts\SetStoreyLevel::FIELD => [__('Level of its finished floor'), $page->inspector->home()->storeyLevel(), __('the storeys above go with it')]]])@endif
        @includeWhen($page->isChosen('openings'), 'board.inspector.opening')
        @includeWhen($page->isChosen('roof_windows'), 'board.inspector.roof-window')
        @includeWhen($page->isChosen('fixtures'), 'board.inspector.fixture')
        @includeWhen($page->isChosen('fixtures'), 'board.inspector.shape')
        @includeWhen($page->isChosen('rooms'), 'board.inspector.slope')
        @includeWhen($page->isChosen('voids'), 'board.inspector.void')
        @includeWhen($page->isChosen('stairs') && $page->inspector->stair()->flight(), 'board.inspector.stair')
        @includeWhen($page->isChosen('stairs'), 'board.inspector.stair-form')
        @includeWhen($page->isChosen('ramps'), 'board.inspector.ramp')
        @includeWhen($page->isChosen('survey'), 'board.inspector.taped')
        @includeWhen($page->isChosen('rooms') || $page->isChosen('openings'), 'board.inspector.taped-heights')
        @includeWhen($page->isChosen('voids') || $page->isChosen('rooms') || $page->isChosen('stairs') || $page->isChosen('terraces'), 'board.inspector.edges')
        @includeWhen($page->isChosen('axes'), 'board.inspector.axis')
        @includeWhen($page->isChosen('sections'), 'board.inspector.section')
        @includeWhen($page->isChosen('blocks'), 'board.inspector.block')
        @if ($page->isChosen('stairs'))<p><a href="{{ route('board.stair', [$page->scheme, $page->chosen->id()]) }}">Section, other steps, opening above</a></p>@endif
        @unless ($page->isChosen('storeys'))<p class="inspector-acts">@if (count($page->inspector->like()->ofItsKind()) > 1)<button type="button" class="btn btn-tool" data-several="{{ implode(' ', $page->inspector->like()->ofItsKind()) }}">All {{ count($page->inspector->like()->ofItsKind()) }} of its kind here</button> @endif<button type="button" class="btn btn-tool" data-act="remove">Take away</button></p>@endunless
    @else
        <h2>Nothing chosen</h2>
        @if ($page->home->plans[$page->storey]->storey->walls === [] && $page->blocks()->blocks === [])
            <p><b>The storey is empty.</b> Choose <i>Rectangle</i> and point at two corners, list rooms as <i>Blocks</i> to arrange before their walls are made, lay <i>Axes</i>, or press <kbd>w</kbd>, point at a start and type the first wall’s length. Then point into a space to say what it is for, and at a wall to put a door in it.</p>
        @endif
        @include('board.inspector.blocks')
        @include('board.inspector.axes')
        @include('board.inspector.home')
        <p>Point at a wall, an opening, a fixture or a room. Press <kbd>w</kbd> to draw walls, <kbd>?</kbd> for all keys.</p>
        <form class="fields" id="name-space" data-form="space" hidden>
            <input type="hidden" name="at">
            <label for="space-use">Use of this space</label>
            <select id="space-use" name="use">@foreach (Heurema\Layout\Words\RoomUse::cases() as $use)<option value="{{ $use->value }}">{{ $use->words() }}</option>@endforeach</select>
            <label for="space-name">Name</label><input id="space-name" name="name" maxlength="200">
            <button class="btn btn-primary btn-sm">Name it</button>
        </form>
    @endif
</section>
