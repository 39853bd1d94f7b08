@php($own = [
    App\Board\Acts\SetHome::GROUND => [__('Ground outside, below the floor of :storey', ['storey' => $page->storeyName()]), $page->inspector->home()->ground(), __('with a minus where it lies above')],
    App\Board\Acts\SetHome::NORTH => [__('North, degrees clockwise from up'), $page->inspector->home()->north(), ''],
    App\Board\Acts\SetHome::ATTIC => [__('Attic under the roof, area'), $page->inspector->home()->attic(), __('where it is :height or higher; 0 where there is none', ['height' => $page->typed(762)])],
])
<details class="home-values" @if (isset($own[$refusedField])) open @endif>
    <summary>The home: ground outside, north, attic</summary>
    @include('board.inspector.own-fields', ['act' => 'home', 'own' => $own, 'extra' => 'board.inspector.north-dial'])
    <p class="inspector-acts"><button type="button" class="btn btn-tool" data-tool="ground" aria-pressed="false">Levels of the ground at places</button> <button type="button" class="btn btn-tool" data-tool="terrace" aria-pressed="false">Terrace</button></p>
</details>
