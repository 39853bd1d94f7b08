@php($groups = $list->groups())
{{-- The fixture list: what was used last, then all kinds by group. --}}
@foreach ([[__('Used in this home, last first'), $list->usedLast()], ...array_map(null, array_keys($groups), $groups)] as [$group, $fixtures])
    @continue($fixtures === [])
    <section class="fixture-group">
        <h3>{{ $group }}</h3>
        <ul>
            @foreach ($fixtures as $fixture)
                <li>
                    <button type="button" data-places="{{ $fixture->kind->value }}" data-like="{{ $fixture->like }}" data-sizes="{{ json_encode($fixture->sizes) }}" data-words="{{ mb_strtolower("{$fixture->name} {$fixture->kind->words()} {$fixture->also} {$group}") }}">
                        <span class="fixture-frame">{!! $fixture->picture !!}</span>
                        <b>{{ $fixture->name }}</b>
                        <small>{{ $fixture->size() }}@if ($fixture->enlarged > 1), shown {{ $fixture->enlarged }} times as large @endif</small>
                    </button>
                </li>
            @endforeach
        </ul>
    </section>
@endforeach
<section class="fixture-group">
    <h3>Other</h3>
    <ul>
        <li><button type="button" data-uses="soffit" data-words="soffit beam dropped ceiling duct structure">Soffit or beam</button></li>
        <li><button type="button" data-uses="fixture-corners" data-words="fixture outline corners free polygon own shape counter">Fixture by its corners</button></li>
        <li><button type="button" data-uses="guard" data-words="guard railing rail safety">Guard</button></li>
        <li><button type="button" data-uses="note" data-words="note text">Note</button></li>
    </ul>
</section>
<p class="fixture-none" hidden>Nothing in the list is called that.</p>
