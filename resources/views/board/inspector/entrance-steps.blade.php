@php([$riser, $tread, $landing, $margin] = $page->inspector->usual()->entranceSteps())
<details>
    <summary>Steps up to it</summary>
    <form class="fields" data-form="entrance-steps" data-tries novalidate>
        <label for="steps-riser">Riser, at most</label><x-length id="steps-riser" name="riser" :value="$riser"/>
        <label for="steps-tread">Tread</label><x-length id="steps-tread" name="tread" :value="$tread"/>
        <label for="steps-landing">Landing before the door</label><x-length id="steps-landing" name="landing" :value="$landing"/>
        <label for="steps-margin">Wider than the door, each side</label><x-length id="steps-margin" name="margin" :value="$margin"/>
        <button class="btn btn-primary btn-sm">Build</button><output class="reading"></output>
    </form>
</details>
