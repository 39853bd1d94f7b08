@if ($front = $page->wallFromTheFront())
    <details class="front" open>
        <summary>From the front</summary>
        <div class="elevations-scroll" tabindex="0" role="group" aria-label="The wall from the front">{!! $front !!}</div>
    </details>
@endif
