@if ($front = $page->inspector->fromFront()->draw())
    <details class="front" open>
        <summary>From the front</summary>
        <div class="elevations-scroll" tabindex="0" role="group" aria-label="The wall from the front">{!! $front !!}</div>
    </details>
@endif
