<label for="opening-stretch">Where</label>
<select id="opening-stretch" name="stretch">@foreach ($page->inspector->wall()->stretches() as $key => $label)<option value="{{ $key }}">{{ $label }}</option>@endforeach</select>
<label for="opening-place">How</label>
<select id="opening-place" name="place">@foreach (Heurema\Drafting\OpeningPlace::cases() as $place)@if ($isNew || $place !== Heurema\Drafting\OpeningPlace::Spaced)<option value="{{ $place->value }}" @if ($place->needsDistance()) data-needs="distance" @endif>{{ $place->words() }}</option>@endif @endforeach</select>
<label for="opening-distance" data-for="distance" hidden>Distance</label>
<span class="field" data-for="distance" hidden><x-length id="opening-distance" name="distance"/></span>
@if ($isNew)<label for="opening-count" data-for="count" hidden>How many</label><input id="opening-count" name="count" type="number" min="1" max="50" value="2" data-for="count" hidden>@endif
