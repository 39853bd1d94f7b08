@if ($unit = $page->inspector->fixture()->unit())
    <form class="fields fields-inline" data-form="unit-width" data-tries novalidate>
        <label for="unit-width">Width in its run</label><x-length id="unit-width" name="width" :value="$page->typed($page->chosen->element->width ?? 0)"/>
        <select name="side" aria-label="Which end stays"><option value="left">its left end stays</option><option value="right">its right end stays</option></select>
        <select name="neighbours" aria-label="Its neighbours"><option value="close">neighbours close up</option><option value="still">neighbours keep still</option></select>
        <button class="btn btn-tool btn-sm">Set</button>
    </form>
    <p class="inspector-acts">
        @if ($unit->isBeside(false))<button type="button" class="btn btn-tool" data-act="swap-left">Swap with the one at its left</button>@endif
        @if ($unit->isBeside(true))<button type="button" class="btn btn-tool" data-act="swap-right">Swap with the one at its right</button>@endif
    </p>
@endif
