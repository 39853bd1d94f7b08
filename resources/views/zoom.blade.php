<div class="plan-zoom" role="group" aria-label="Zoom">
    <button type="button" class="btn btn-tool" data-zoom="in" aria-label="Closer">+</button>
    <button type="button" class="btn btn-tool" data-zoom="out" aria-label="Farther">−</button>
    <button type="button" class="btn btn-tool" data-zoom="all">All</button>
    @if ($withKeys ?? false)<button type="button" class="btn btn-tool" data-act="keys" aria-label="Keys">?</button>@endif
</div>
