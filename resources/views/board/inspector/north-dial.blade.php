@php($degrees = $page->inspector->home()->north() === '' ? 0 : (float) $page->inspector->home()->north())
<span class="north-label">Turn it</span>
<div class="north-dial" tabindex="0" role="slider" aria-label="North, turned from up" aria-valuemin="0" aria-valuemax="359" aria-valuenow="{{ $degrees }}" aria-valuetext="{{ $page->inspector->home()->north() === '' ? __('not said') : __(':degrees degrees clockwise from up', ['degrees' => $degrees]) }}">
    <svg viewBox="-32 -32 64 64" aria-hidden="true"><circle r="29"/><path class="north-ticks" d="M0 -29V-24M29 0H24M0 29V24M-29 0H-24"/><g class="north-needle" transform="rotate({{ $degrees }})"><path d="M0 -22L7 12L0 7L-7 12Z"/><text y="-12">N</text></g></svg>
</div>
