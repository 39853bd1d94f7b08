@php($shape = $page->inspector->fixture()->shape())
<details @if (in_array($refusedField, ['shape', 'radius', 'corners'], true)) open @endif>
    <summary>Outline</summary>
    <form class="fields" data-form="shape-fixture" data-tries novalidate>
        <label for="shape-shape">Outline</label>
        <select id="shape-shape" name="fields[shape]">@foreach (['rectangle' => __('a rectangle'), 'round' => __('a circle'), 'corners' => __('by its corners')] as $key => $words)<option value="{{ $key }}" @selected($key === $shape->kind)>{{ $words }}</option>@endforeach</select>
        <label for="shape-radius">Radius of a circle</label>
        <x-length id="shape-radius" name="fields[radius]" :value="$refusedField === 'radius' ? $typed['radius'] ?? '' : $shape->radius"/>
        <label for="shape-corners">Corners: across, out; …</label>
        <span class="field">
            <textarea id="shape-corners" name="fields[corners]" rows="3" aria-describedby="shape-corners-reading" @if ($refusedField === 'corners') aria-invalid="true" @endif>{{ $refusedField === 'corners' ? $typed['corners'] ?? '' : $shape->corners }}</textarea>
            <output id="shape-corners-reading" class="{{ in_array($refusedField, ['radius', 'corners'], true) ? 'field-error' : 'reading' }}">{{ in_array($refusedField, ['radius', 'corners'], true) ? $message : __('from the middle of its back; to the left as you face it is minus') }}</output>
        </span>
        <button class="btn btn-primary btn-sm">Set</button>
    </form>
</details>
