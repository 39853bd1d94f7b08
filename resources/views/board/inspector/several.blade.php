<h2>{{ count($page->several) }} chosen</h2>
<p class="evidence-subject">{{ implode(', ', array_slice(array_map(fn ($entry) => Heurema\Language\Text::small($page->called($entry)), $page->several), 0, 6)) }}{{ count($page->several) > 6 ? ' '.__('and more') : '' }}</p>
@if ($page->severalFields()->shared() !== [])
    <form class="fields" data-form="set-all" novalidate>
        @foreach ($page->severalFields()->shared() as $field)
            <label for="all-{{ $field->key }}">{{ $field->label }}</label>
            @if ($field->kind === App\Board\Field::CHOICE || $field->kind === App\Board\Field::YES_NO)
                <select id="all-{{ $field->key }}" name="fields[{{ $field->key }}]"><option value="">as it is</option>@foreach ($field->kind === App\Board\Field::YES_NO ? ['yes', 'no'] : $field->choices as $choice)<option value="{{ $choice }}">{{ $field->words($choice) }}</option>@endforeach</select>
            @else
                <span class="field"><input id="all-{{ $field->key }}" name="fields[{{ $field->key }}]" placeholder="as it is" autocomplete="off" aria-describedby="all-reading-{{ $field->key }}" @if ($field->kind === App\Board\Field::LENGTH) data-length="{{ $field->expected?->name }}" @endif><output id="all-reading-{{ $field->key }}" class="reading"></output></span>
            @endif
        @endforeach
        <button class="btn btn-primary btn-sm">Set all</button>
    </form>
@endif
@if ($page->severalFields()->like() !== [] && $page->severalFields()->shared() !== [])
    <form class="fields fields-inline" data-form="set-all">
        <label for="all-like">All as</label>
        <select id="all-like" name="like">@foreach ($page->severalFields()->like() as $like)<option value="{{ $like->id() }}">{{ Heurema\Language\Text::small($page->called($like)) }}</option>@endforeach</select>
        <button class="btn btn-tool btn-sm">Take its values</button>
    </form>
@endif
<form class="fields fields-inline" data-form="line-up">
    <label for="line-up">Line up</label>
    <select id="line-up" name="along">@foreach (['left' => __('left edges with the first'), 'right' => __('right edges with the first'), 'top' => __('upper edges with the first'), 'bottom' => __('lower edges with the first'), 'up' => __('middles, one above the other'), 'across' => __('middles, side by side'), 'spaced-across' => __('spaced evenly across'), 'spaced-up' => __('spaced evenly up')] as $along => $words)<option value="{{ $along }}">{{ $words }}</option>@endforeach</select>
    <button class="btn btn-tool btn-sm">Do it</button>
</form>
<p class="inspector-acts">
    <button type="button" class="btn btn-tool" data-act="turn" title="t">Turn</button>
    <button type="button" class="btn btn-tool" data-act="mirror" title="m">Mirror about a line</button>
    <button type="button" class="btn btn-tool" data-act="copy" title="d">Copy to a place</button>
    <button type="button" class="btn btn-tool" data-act="remove">Take away</button>
</p>
@include('board.inspector.copy-to-storey')
