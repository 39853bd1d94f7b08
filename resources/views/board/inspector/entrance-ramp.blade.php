@php([$slope, $width, $landing, $rise] = $page->inspector->usual()->entranceRamp())
<details>
    <summary>Ramp up to it</summary>
    <form class="fields" data-form="entrance-ramp" data-tries novalidate>
        <label for="ramp-slope">Slope, 1 in</label><input id="ramp-slope" name="slope" type="number" min="4" max="50" step="0.5" value="{{ $slope }}">
        <label for="ramp-width">Width</label><x-length id="ramp-width" name="width" :value="$width"/>
        <label for="ramp-landing">Landings, the one before the door too</label><x-length id="ramp-landing" name="landing" :value="$landing"/>
        <label for="ramp-rise">Rise of a run, at most</label><x-length id="ramp-rise" name="rise" :value="$rise"/>
        <button class="btn btn-primary btn-sm">Build</button><output class="reading"></output>
    </form>
</details>
