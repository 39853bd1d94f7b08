@php([[$undo, $undoSays], $redo] = [$page->undo(), $page->redoWords()])
<div class="board-state" id="board-state" data-version="{{ $page->scheme->version }}">
    <button type="button" class="btn btn-tool" data-act="undo" @disabled($undo === null) title="{{ $undoSays }}">Undo</button>
    <button type="button" class="btn btn-tool" data-act="redo" @disabled($redo === null) title="{{ $redo ?? __('Nothing to redo') }}">Redo</button>
    <span class="board-saved">Saved as version {{ $page->scheme->version }}</span>
    <form method="post" action="{{ route('board.submit', $page->scheme) }}">@csrf<input type="hidden" name="after" value="{{ $page->scheme->latestRevision->id ?? 0 }}"><button class="btn btn-primary btn-sm" title="Submit as the next revision">Submit</button></form>
</div>
