<form class="round-shown" id="round-shown" autocomplete="off">
    <fieldset>
        <legend>Shown</legend>
        <div class="round-which">
        <label for="round-storey" class="visually-hidden">Storey</label>
        <select class="form-select form-select-sm" id="round-storey" name="storey">
            <option value="">All storeys</option>
            @foreach ($page->storeys() as $storey)<option value="{{ $storey->id }}">{{ $storey->name }}</option>@endforeach
        </select>
        <label for="round-only" class="visually-hidden">Part of it</label>
        <select class="form-select form-select-sm" id="round-only" name="only">
            <option value="">Everything there</option>
            <option value="room">The chosen room alone</option>
            <option value="chosen">What is chosen alone</option>
        </select>
        </div>
        <label><input type="checkbox" class="form-check-input" name="roof"> Roof and ceilings</label>
        <label><input type="checkbox" class="form-check-input" name="through" checked> See through outer walls towards you</label>
        <label><input type="checkbox" class="form-check-input" name="furniture" checked> Fixtures and furniture</label>
        <label><input type="checkbox" class="form-check-input" name="doors"> Doors open</label>
        <div class="round-low">
            <label><input type="checkbox" class="form-check-input" name="low"> Where less height is left than</label>
            @php($isImperial = $page->report->home->layout->units->value === 'imperial')
            <label class="visually-hidden" for="round-wanted">Wanted height in {{ $isImperial ? __('inches') : __('millimetres') }}</label>
            <input class="form-control form-control-sm" id="round-wanted" name="wanted" inputmode="decimal" maxlength="8" value="{{ $isImperial ? '80 in' : '2000 mm' }}">
        </div>
    </fieldset>
    <label class="round-cut"><span>Cut at a height</span> <output id="round-cut-words">not cut</output>
        <input type="range" class="form-range" id="round-cut" name="cut" min="0" max="1" step="1" value="1" aria-describedby="round-cut-words">
    </label>
    <p class="round-hidden" id="round-hidden" hidden><span></span> <button type="button" class="btn btn-link btn-sm" data-round="unhide">Show them</button></p>
    <div class="round-eye">
        <label for="round-eye">Eye height, walking</label>
        <select class="form-select form-select-sm" id="round-eye" name="eye">
            <option value="1600">standing</option>
            <option value="1200">in a wheelchair</option>
            <option value="1000">a child</option>
            <option value="">typed</option>
        </select>
        <label class="visually-hidden" for="round-eye-typed">Eye height in {{ $page->report->home->layout->units->value === 'imperial' ? __('inches') : __('millimetres') }}</label>
        <input class="form-control form-control-sm" id="round-eye-typed" name="typed" inputmode="decimal" maxlength="8" placeholder="{{ $page->report->home->layout->units->value === 'imperial' ? __('inches') : __('mm') }}" hidden>
    </div>
</form>
