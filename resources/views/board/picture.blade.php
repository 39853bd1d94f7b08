<div class="tool-options" id="picture-options" hidden>
    @if ($beneath)
        <span>Point at two places of the picture:</span>
        <label>they are <select id="picture-how"><option value="scale">a known distance apart</option><option value="straighten">on a line that is straight</option><option value="move">from where to where it goes</option></select></label>
        <label id="picture-known">Distance <input id="picture-distance" size="10" data-length data-typed aria-describedby="picture-reading"></label>
        <output id="picture-reading" class="reading"></output>
        <form method="post" action="{{ route('board.picture', [$beneath->scheme_id, $beneath]) }}">@csrf @method('delete')<button class="btn btn-tool btn-sm">Take the picture away</button></form>
    @endif
    @php($pending = $page->pendingPage())
    @includeWhen($pending !== null, 'board.page', ['page' => $pending])
    <form class="picture-upload" method="post" action="{{ route('board.pictures', $page->scheme) }}" enctype="multipart/form-data">
        @csrf
        <input type="hidden" name="storey" value="{{ $page->storey }}">
        <label>{{ $beneath ? __('Another picture') : __('A picture to draw over') }} <input name="picture" type="file" accept="image/png,image/jpeg,application/pdf" required></label>
        <label>Page <input name="page" type="number" min="1" max="500" value="1"></label>
        <button class="btn btn-tool btn-sm">Place it beneath the plan</button>
        @error('picture')<span class="field-error" role="alert">{{ $message }}</span>@enderror
    </form>
</div>
