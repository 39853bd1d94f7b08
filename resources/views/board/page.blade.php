<div id="pending-page" class="picture-pending" @if ($page->refused === null) hx-get="{{ route('board.page', [$page->scheme_id, $page]) }}" hx-trigger="every 1s" hx-swap="outerHTML" @endif>
    @if ($page->refused === null)
        <span role="status">Page {{ $page->number }} of the PDF is being drawn; it is laid under as soon as it is.</span>
    @else
        <span class="field-error" role="alert">{{ $page->refused }}</span>
    @endif
    <form method="post" action="{{ route('board.page', [$page->scheme_id, $page]) }}">@csrf @method('delete')<button class="btn btn-tool btn-sm">{{ $page->refused === null ? __('Do without it') : __('Close') }}</button></form>
</div>
