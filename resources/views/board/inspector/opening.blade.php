<p class="inspector-acts">
    @if ($page->chosen->value('kind') === 'door')<button type="button" class="btn btn-tool" data-act="hinge" title="h">Other jamb</button><button type="button" class="btn btn-tool" data-act="swing" title="o">Other side</button>@endif
    @if (in_array($page->chosen->value('kind'), ['door', 'gap'], true))<button type="button" class="btn btn-tool" data-act="convert">{{ $page->chosen->value('kind') === 'door' ? __('Make it a bare opening') : __('Make it a door') }}</button>@endif
</p>
@if ($page->inspector->opening()->leafWidth())<p class="evidence-subject">Each leaf is {{ $page->inspector->opening()->leafWidth() }} wide.</p>@endif
@include('board.inspector.bare-floor')
@include('board.inspector.derived-sizes')
@include('board.inspector.beside')
<details>
    <summary>Place it exactly</summary>
    <form class="fields" data-form="move-opening" data-tries novalidate>
        @include('board.inspector.place', ['isNew' => false])
        <button class="btn btn-primary btn-sm">Place</button>
    </form>
</details>
@includeWhen($page->inspector->opening()->leadsOutside(), 'board.inspector.entrance-steps')
@includeWhen($page->inspector->opening()->leadsOutside(), 'board.inspector.entrance-ramp')
@if (in_array($page->chosen->value('kind'), ['door', 'gap'], true))
    @include('board.inspector.own-fields', ['act' => 'outside-level', 'own' => [App\Board\Acts\SetOutsideLevel::FIELD => [__('Outside it, below its floor'), $page->inspector->opening()->outsideLevel(), __('where it leads outside; with a minus where it lies above')]]])
@endif
