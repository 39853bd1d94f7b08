<nav class="storeys" id="storeys" aria-label="Storeys">
    @foreach ($page->storeys() as $storey)
        <a href="{{ $page->address($storey->id) }}" @if ($storey->id === $page->storey) aria-current="true" @endif>{{ $storey->name }}</a>
    @endforeach
    <button type="button" class="btn btn-tool btn-sm" data-choose="{{ $page->storey }}">Heights</button>
    <button type="button" class="btn btn-tool btn-sm" data-act="storey" title="Storey above">+ above</button>
    <button type="button" class="btn btn-tool btn-sm" data-act="storey-below" title="Storey below">+ below</button>
</nav>
