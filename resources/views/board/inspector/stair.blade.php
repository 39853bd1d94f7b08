<form class="fields" data-form="flight" data-tries novalidate>
    <label for="flight-risers">Risers of its flight</label><input id="flight-risers" name="risers" type="number" min="1" max="40" value="{{ $page->inspector->stair()->flight()->risers }}">
    <label for="flight-tread">Tread</label>
    <span class="field"><x-length id="flight-tread" name="tread" :value="$page->inspector->stair()->flight()->tread === null ? '' : $page->typed($page->inspector->stair()->flight()->tread)"/></span>
    <button class="btn btn-primary btn-sm">Set</button>
</form>
@if ($page->inspector->stair()->riser())<p class="evidence-subject">Each riser comes to {{ $page->inspector->stair()->riser() }}.</p>@endif
@include('board.inspector.rails')
