@php($own = [
    App\Board\Acts\SetHome::GROUND => ["Ground outside, below the floor of {$page->storeyName()}", $page->inspector->home()->ground(), 'with a minus where it lies above'],
    App\Board\Acts\SetHome::NORTH => ['North, degrees clockwise from up', $page->inspector->home()->north(), ''],
    App\Board\Acts\SetHome::ATTIC => ['Attic under the roof, area', $page->inspector->home()->attic(), 'where it is '.$page->typed(762).' or higher; 0 where there is none'],
])
<details class="home-values" @if (isset($own[$refusedField])) open @endif>
    <summary>The home: ground outside, north, attic</summary>
    @include('board.inspector.own-fields', ['act' => 'home', 'own' => $own, 'extra' => 'board.inspector.north-dial'])
    <p class="inspector-acts"><button type="button" class="btn btn-tool" data-tool="ground" aria-pressed="false">Levels of the ground at places</button> <button type="button" class="btn btn-tool" data-tool="terrace" aria-pressed="false">Terrace</button></p>
</details>
