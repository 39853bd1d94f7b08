@php($edges = $page->inspector->edges()->open())
@if ($edges !== [])
    @unless ($page->isChosen('voids'))
        <h3>Open edges</h3>
        <ul class="void-edges">@foreach ($edges as $edge)<li>{{ $edge }}</li>@endforeach</ul>
    @endunless
    <p><button type="button" class="btn btn-tool" data-act="guard-edges">Guard its open edges</button></p>
@endif
