@php($own = [
    App\Board\Acts\SetHome::GROUND => ["Ground outside, below the floor of {$page->storeyName()}", $page->ground(), 'with a minus where it lies above'],
    App\Board\Acts\SetHome::NORTH => ['North, degrees clockwise from up', $page->north(), ''],
])
<details class="home-values" @if (isset($own[$refusedField])) open @endif>
    <summary>The home: ground outside, north</summary>
    @include('board.inspector.own-fields', ['act' => 'home', 'own' => $own, 'extra' => 'board.inspector.north-dial'])
</details>
