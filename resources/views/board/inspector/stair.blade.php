<form class="fields" data-form="flight" data-tries novalidate>
    <label for="flight-risers">Risers of its flight</label><input id="flight-risers" name="risers" type="number" min="1" max="40" value="{{ $page->flight()->risers }}">
    <label for="flight-tread">Tread</label>
    <span class="field"><x-length id="flight-tread" name="tread" :value="$page->flight()->tread === null ? '' : $page->typed($page->flight()->tread)"/></span>
    <button class="btn btn-primary btn-sm">Set</button>
</form>
@if ($page->riser())<p class="evidence-subject">Each riser comes to {{ $page->riser() }}.</p>@endif
@include('board.inspector.rails')
