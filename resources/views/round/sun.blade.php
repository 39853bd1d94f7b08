<form class="round-sun" id="round-sun" autocomplete="off" novalidate>
    <label><input type="checkbox" class="form-check-input" name="shadows"> Sun and shadows</label>
    <div id="round-sun-when" hidden>
        <label for="round-date">Date</label><input class="form-control form-control-sm" type="date" id="round-date" name="date" required data-refused="Say the date." value="{{ now()->format('Y') }}-06-21">
        <label for="round-hour">Hour, by the sun</label><input class="form-control form-control-sm" type="number" id="round-hour" name="hour" required data-refused="The hour is a number from 0 to 24." min="0" max="24" step="any" value="15">
        <label for="round-latitude">Latitude</label><input class="form-control form-control-sm" type="number" id="round-latitude" name="latitude" required data-refused="The latitude is a number from -90 to 90 degrees, north of the equator positive." min="-90" max="90" step="any" value="{{ $page->report->home->layout->units->value === 'imperial' ? 40 : 52 }}">
        <p class="field-help" id="round-sun-words" role="status"></p>
        @if ($page->report->home->layout->north === null)<p class="field-help">The north of this home is not known: up the sheet is taken.</p>@endif
    </div>
</form>
