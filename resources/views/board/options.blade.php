<div class="tool-options" id="wall-options" hidden>
    <label>Type <select id="wall-type">@foreach ($page->inspector->usual()->wallThicknesses() as $type => $thickness)<option value="{{ $type }}" data-thickness="{{ $thickness }}" @selected($type === $page->inspector->usual()->wallType())>{{ $type }}</option>@endforeach</select></label>
    <label>Thickness <input id="wall-thickness" value="{{ $page->inspector->usual()->wallThicknesses()[$page->inspector->usual()->wallType()] }}" size="7" data-length="WallThickness" aria-describedby="wall-reading"></label>
    <label>Height <input id="wall-height" size="6" placeholder="full" data-length aria-describedby="wall-reading"></label>
    <span data-for-tool="wall">
        <label>Drawn along its <select id="wall-beside"><option value="centred">middle</option><option value="left">right face</option><option value="right">left face</option></select></label>
        <label>Length <input id="wall-length" size="10" placeholder="type, Enter" data-typed data-length aria-describedby="wall-reading"></label>
    </span>
    <span data-for-tool="rectangle" hidden>
        <label>Size <input id="rectangle-size" size="15" placeholder="width × depth, Enter" data-typed data-length="size" aria-describedby="wall-reading"></label>
        <label>is <select id="rectangle-at"><option value="middle">to wall middles</option><option value="inside">inside</option><option value="outside">outside</option></select></label>
    </span>
    <output id="wall-reading" class="reading"></output>
</div>
<div class="tool-options" id="fixture-options" hidden>
    <b id="fixture-name"></b>
    <label>Width <input id="fixture-width" size="7" data-length aria-describedby="fixture-reading"></label>
    <label>Depth <input id="fixture-depth" size="7" data-length aria-describedby="fixture-reading"></label>
    <label>Height <input id="fixture-height" size="7" data-length aria-describedby="fixture-reading"></label>
    <label>Underside above floor <input id="fixture-base" size="7" data-length aria-describedby="fixture-reading"></label>
    <output id="fixture-reading" class="reading"></output>
    <button type="button" class="btn btn-tool btn-sm" data-act="fixtures">Another</button>
</div>
<div class="tool-options" id="void-options" hidden>
    <select data-tools aria-label="How it is drawn"><option value="void">from corner to corner</option><option value="void-corners">by its corners</option></select>
    <label data-for-tool="void">or size <input size="16" placeholder="width × depth, Enter" data-typed data-length="size" aria-describedby="void-reading"></label>
    <span data-for-tool="void-corners" hidden><label>Side <input size="9" placeholder="length, Enter" data-typed data-length aria-describedby="void-reading"></label> the first corner again, or <kbd>Enter</kbd>, closes it.</span>
    <output id="void-reading" class="reading"></output>
</div>
<div class="tool-options" id="section-options" hidden>
    <span>From one place to another; one looks to the left of the way that it is drawn.</span>
    <label>Length <input size="10" placeholder="type, Enter" data-typed data-length aria-describedby="section-reading"></label>
    <output id="section-reading" class="reading"></output>
</div>
<div class="tool-options" id="guard-options" hidden>
    <label>Height <input id="guard-height" size="6" value="{{ $page->inspector->usual()->guard()[0] }}" data-length aria-describedby="guard-reading"></label>
    <label>Largest gap <input id="guard-gap" size="6" value="{{ $page->inspector->usual()->guard()[1] }}" data-length aria-describedby="guard-reading"></label>
    <label>Filled with <select id="guard-filling"><option value="">not said</option>@foreach (Heurema\Layout\Words\GuardFilling::cases() as $filling)<option value="{{ $filling->value }}">{{ $filling->words() }}</option>@endforeach</select></label>
    <label>Length <input size="10" placeholder="type, Enter" data-typed data-length aria-describedby="guard-reading"></label>
    <span>From place to place; the last one again, or <kbd>Enter</kbd>, ends it.</span>
    <button type="button" class="btn btn-tool btn-sm" data-act="guard-all">Along all open edges here</button>
    <output id="guard-reading" class="reading"></output>
</div>
<div class="tool-options" id="soffit-options" hidden>
    <select data-tools aria-label="How it is drawn"><option value="soffit">from corner to corner</option><option value="soffit-corners">by its corners</option><option value="soffit-line">along a line</option></select>
    <label>Underside above floor <input id="soffit-underside" name="underside" size="7" value="{{ $page->inspector->usual()->soffit() }}" data-length aria-describedby="soffit-reading"></label>
    <label>or drop below the ceiling <input id="soffit-drop" name="drop" size="6" data-length aria-describedby="soffit-reading"></label>
    <label data-for-tool="soffit-line" hidden>Width <input id="soffit-width" name="width" size="6" value="{{ $page->inspector->usual()->beam() }}" data-length aria-describedby="soffit-reading"></label>
    <label data-for-tool="soffit">Size <input size="14" placeholder="width × depth, Enter" data-typed data-length="size" aria-describedby="soffit-reading"></label>
    <label data-for-tool="soffit-corners soffit-line" hidden>Length <input size="9" placeholder="type, Enter" data-typed data-length aria-describedby="soffit-reading"></label>
    <output id="soffit-reading" class="reading"></output>
</div>
<div class="tool-options" id="fixture-corners-options" hidden>
    <label>Kind <select name="kind">@foreach (Heurema\Layout\Words\FixtureGroup::cases() as $group)<optgroup label="{{ $group->words() }}">@foreach ($group->kinds() as $kind)<option value="{{ $kind->value }}" @selected($kind->value === 'counter')>{{ $kind->words() }}</option>@endforeach</optgroup>@endforeach</select></label>
    <label>Name <input name="name" size="10" maxlength="200" placeholder="none"></label>
    <label>Height <input name="height" size="6" data-length aria-describedby="fixture-corners-reading"></label>
    <label>Underside <input name="base" size="6" data-length aria-describedby="fixture-corners-reading"></label>
    <label>Side <input size="9" placeholder="length, Enter" data-typed data-length aria-describedby="fixture-corners-reading"></label>
    <span>Its back first; the first corner again, or <kbd>Enter</kbd>, closes it.</span>
    <output id="fixture-corners-reading" class="reading"></output>
</div>
<div class="tool-options" id="fit-stair-options" hidden>
    <span>Point at the middle of the edge of its first riser, then at that of its last one.</span>
</div>
<div class="tool-options" id="ground-options" hidden>
    <label>Below the floor in sight <input name="below" size="8" placeholder="minus: above it"></label>
    <span>Point at the place; empty takes a level away. Between three of them the ground runs evenly.</span>
</div>
<div class="tool-options" id="terrace-options" hidden>
    <select data-tools aria-label="How it is drawn"><option value="terrace">from corner to corner</option><option value="terrace-corners">by its corners</option></select>
    <label>Below the floor in sight <input name="below" size="8" placeholder="minus: above it"></label>
    <label data-for-tool="terrace">Size <input size="14" placeholder="width × depth, Enter" data-typed data-length="size" aria-describedby="terrace-reading"></label>
    <label data-for-tool="terrace-corners" hidden>Side <input size="9" placeholder="type, Enter" data-typed data-length aria-describedby="terrace-reading"></label>
    <output id="terrace-reading" class="reading"></output>
</div>
<div class="tool-options" id="roof-window-options" hidden>
    <label>Width <input name="width" size="7" value="{{ $page->inspector->usual()->roofWindow()[0] }}" data-length="WindowWidth" aria-describedby="roof-window-reading"></label>
    <label>Height, along the slope <input name="height" size="7" value="{{ $page->inspector->usual()->roofWindow()[1] }}" data-length="WindowHeight" aria-describedby="roof-window-reading"></label>
    <label>Sill above the floor <input name="sill" size="7" placeholder="as pointed" data-length aria-describedby="roof-window-reading"></label>
    <span>Point at the middle of its lower edge.</span>
    <output id="roof-window-reading" class="reading"></output>
</div>
<div class="tool-options" id="slope-options" hidden>
    <span>Point at the eaves, then at the ridge straight across from it.</span>
</div>
<div class="tool-options" id="stair-options" hidden>
    <label>Climbs <select id="stair-towards"><option value="90">up the sheet</option><option value="270">down the sheet</option><option value="0">to the right</option><option value="180">to the left</option></select></label>
    <span>Point at the middle of its first step.</span>
</div>
<form class="tool-options" id="axes-options" data-form="axes" hidden>
    <label>Across <x-length id="axes-across" name="across" kind="spacings" size="18"/></label>
    <label>Up <x-length id="axes-up" name="up" kind="spacings" size="18"/></label>
    <span>then point at the first crossing, or</span>
    <button class="btn btn-tool btn-sm">Lay them</button>
</form>
<form class="tool-options" id="blocks-options" data-form="blocks" hidden>
    <label class="block-list">Rooms, one a line <textarea name="rooms" rows="3" cols="30" placeholder="{{ $page->scheme->layout->units === Heurema\Units\UnitSystem::Imperial ? "Bedroom 11' x 12'4" : __('Bedroom 3.2 m x 4 m') }}"></textarea></label>
    <button class="btn btn-tool btn-sm">Add as blocks</button>
</form>
<form class="tool-options" id="measure-options" data-form="taped" hidden>
    <input type="hidden" name="from"><input type="hidden" name="to">
    <span>Drawn: <b id="measure-drawn">point at two places</b></span>
    <label>Taped on site <x-length id="measure-taped" name="measured"/></label>
    <label>Chain <input name="group" size="6" maxlength="100" placeholder="none"></label>
    <select name="role" aria-label="Part of the chain or its overall"><option value="part">a part</option><option value="overall">the overall</option></select>
    <button class="btn btn-tool btn-sm">Keep</button>
    <a href="{{ route('board.survey', $page->scheme) }}">All that was taped, and what is not yet</a>
</form>
<form class="tool-options" id="dimension-options" hidden>
    <label>Outside <select name="outside">@foreach (App\Drawing\DimensionStyle::OUTSIDE as $key => $words)<option value="{{ $key }}" @selected($key === $page->style->outside)>{{ __($words) }}</option>@endforeach</select></label>
    <label>Openings to <select name="openings">@foreach (App\Drawing\DimensionStyle::OPENINGS as $key => $words)<option value="{{ $key }}" @selected($key === $page->style->openings)>{{ __($words) }}</option>@endforeach</select></label>
    <label>Partitions to <select name="partitions">@foreach (App\Drawing\DimensionStyle::PARTITIONS as $key => $words)<option value="{{ $key }}" @selected($key === $page->style->partitions)>{{ __($words) }}</option>@endforeach</select></label>
    <label>Walls to <select name="datum">@foreach (Heurema\Spatial\WallDatum::cases() as $datum)<option value="{{ $datum->value }}" @selected($datum === $page->style->datum)>{{ $datum->words() }}</option>@endforeach</select></label>
    <label><input type="checkbox" name="inside" value="1" @checked($page->style->inside)> in every room</label>
    <label>In <select name="units">@foreach (App\Drawing\LengthStyle::UNITS as $key => $words)<option value="{{ $key }}" @selected($key === $page->style->lengths->units($page->scheme->layout))>{{ __($words) }}</option>@endforeach</select></label>
    <label>Rounded to <select name="precision">@foreach (App\Drawing\LengthStyle::PRECISION as $key => $words)<option value="{{ $key }}" @selected($key === $page->style->lengths->precision)>{{ __($words) }}</option>@endforeach</select></label>
    @if (!in_array($page->style->lengths->units($page->scheme->layout), ['ft', 'in'], true))
        <label>Decimals <select name="decimals">@foreach (App\Drawing\LengthStyle::DECIMALS as $key => $words)<option value="{{ $key }}" @selected((string) $key === $page->style->lengths->decimals)>{{ __($words) }}</option>@endforeach</select></label>
        <label><input type="checkbox" name="suffix" value="1" @checked($page->style->lengths->hasSuffix)> with their unit</label>
    @endif
    <label>Figures <select name="text">@foreach (App\Drawing\DimensionLook::TEXTS as $key => $words)<option value="{{ $key }}" @selected($key === $page->style->look->text)>{{ __($words) }}</option>@endforeach</select></label>
    <label>Ends <select name="ends">@foreach (App\Drawing\DimensionLook::ENDS as $key => $words)<option value="{{ $key }}" @selected($key === $page->style->look->ends)>{{ __($words) }}</option>@endforeach</select></label>
    <label>Marks <select name="marks">@foreach (App\Drawing\DimensionStyle::MARKS as $key => $words)<option value="{{ $key }}" @selected($key === $page->style->marks)>{{ __($words) }}</option>@endforeach</select></label>
    <button type="button" class="btn btn-tool btn-sm" data-tool="place-dimension" aria-pressed="false">Place one by hand</button>
    <button type="button" class="btn btn-tool btn-sm" data-does="number-anew">Number anew</button>
    @if ($page->scheme->layout->units === Heurema\Units\UnitSystem::Metric)
        <label>A bare number typed is <select id="typing-unit">@foreach (Heurema\Units\TypingUnit::cases() as $unit)<option value="{{ $unit->value }}" @selected($unit === $page->scheme->layout->typing)>{{ __(['mm' => 'millimetres', 'cm' => 'centimetres', 'm' => 'metres'][$unit->value]) }}</option>@endforeach</select></label>
    @endif
    <fieldset class="layer-choices"><legend>Shown</legend>@foreach (App\Drawing\PlanLayer::cases() as $layer)<label><input type="checkbox" name="layer" value="{{ $layer->value }}" @checked(!$page->style->hides($layer))> {{ $layer->words() }}</label>@endforeach</fieldset>
</form>
<form class="tool-options" id="place-dimension-options" hidden>
    <label>Of <select name="kind">@foreach (Heurema\Layout\Words\DimensionKind::cases() as $kind)<option value="{{ $kind->value }}">{{ ['length' => __('a length'), 'radius' => __('a radius'), 'angle' => __('the angle between two walls')][$kind->value] }}</option>@endforeach</select></label>
    <label>measured <select name="way">@foreach (['straight' => __('straight'), 'across' => __('across the sheet'), 'up' => __('up the sheet')] as $way => $words)<option value="{{ $way }}">{{ $words }}</option>@endforeach</select></label>
    <span>Point at where it begins, where it ends, and where its line is to run.</span>
</form>
<form class="tool-options" id="sheet-options" method="get" action="{{ route('board.sheet', $page->scheme) }}" target="_blank" hidden>
    <input type="hidden" name="storey" value="{{ $page->storey }}">
    <label>Sheet <select name="paper">@foreach (App\Sheets\Paper::of($page->scheme->layout->units) as $paper)<option @selected($paper === App\Sheets\Paper::usual($page->scheme->layout->units))>{{ $paper->value }}</option>@endforeach</select></label>
    <label>Scale <select name="scale"><option value="">the largest that fits</option>@foreach (App\Sheets\PlotScale::choices($page->scheme->layout->units) as $scale => $words)<option value="{{ $scale }}">{{ $words }}</option>@endforeach</select></label>
    <button class="btn btn-tool btn-sm" name="format" value="pdf">PDF</button>
    <button class="btn btn-tool btn-sm" name="format" value="set">PDF of all storeys</button>
    <button class="btn btn-tool btn-sm" name="format" value="svg">SVG</button>
    <a href="{{ route('board.sheets', $page->scheme) }}">Sheets of several views</a>
    @error('scale')<span class="field-error" role="alert">{{ $message }}</span>@enderror
</form>
<form class="tool-options" id="dimension-edit" data-form="dimension" data-tries hidden>
    <input type="hidden" name="from"><input type="hidden" name="to">
    <label for="dimension-length">This dimension</label> <x-length id="dimension-length" name="distance"/>
    <select name="moves" aria-label="What moves"></select>
    <button class="btn btn-tool btn-sm">Set</button>
</form>
