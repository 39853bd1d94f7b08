<h2>Other steps</h2>
<p class="book-source">What the chosen books allow for a rise of {{ $page->stair->totalRise() === null ? __('unknown height') : $page->length($page->stair->totalRise()) }}, those that one walks evenly first. One walks evenly where twice the riser and the tread come to about {{ $page->length(Heurema\Review\StairOption::EVEN_STEP) }}.</p>
<form method="get" class="stair-space" role="search">
    <label for="space">Room for the run</label>
    <input class="form-control form-control-sm" id="space" name="space" value="{{ $typedSpace }}" maxlength="100" @if ($spaceProblem) aria-invalid="true" aria-describedby="space-problem" @endif>
    <button class="btn btn-sm btn-primary">Show what fits</button>
    @if ($spaceProblem)<p class="field-error" id="space-problem" role="alert">{{ $spaceProblem }}</p>@endif
</form>
<table class="side-by-side stair-options">
    <thead><tr><th scope="col">Risers</th><th scope="col">Riser</th><th scope="col">Tread</th><th scope="col">Total run</th></tr></thead>
    <tbody>
        @forelse ($page->options() as $option)
            @php($tread = $page->tread($option))
            <tr @class(['does-not-fit' => !$page->fits($option)])>
                <th scope="row">{{ $option->risers }}</th>
                <td>{{ $page->length($option->riser) }}</td>
                <td>{{ $page->length($tread) }}</td>
                <td>{{ $page->length($option->run($tread)) }}</td>
            </tr>
            <tr @class(['stair-option-more', 'does-not-fit' => !$page->fits($option)])>
                <td colspan="3">{{ $page->angle($option->pitch($tread)) }}, 2R + T {{ $page->length($option->step($tread)) }}, treads {{ $option->isOpenEnded() ? __('from :length on', ['length' => $page->length($option->leastTread)]) : __('of :least to :most', ['least' => $page->length($option->leastTread), 'most' => $page->length($option->mostTread)]) }}@if (!$page->fits($option)), does not fit @endif
                    @if ($option->isComfortable($tread))<span class="comfortable">even</span>@endif</td>
                <td>
                    <form method="post" action="{{ route('board.stair.change', [$page->scheme, $page->stair->id()]) }}">
                        @csrf
                        <input type="hidden" name="version" value="{{ $page->scheme->version }}"><input type="hidden" name="risers" value="{{ $option->risers }}"><input type="hidden" name="tread" value="{{ $tread }} mm">
                        <button class="btn btn-sm btn-primary" aria-label="Take {{ $option->risers }} risers">Take</button>
                    </form>
                </td>
            </tr>
        @empty
            <tr><td colspan="4">No number of risers keeps to all chosen books.</td></tr>
        @endforelse
    </tbody>
</table>
<h2>Opening above</h2>
<form method="post" class="stair-space" action="{{ route('board.stair.change', [$page->scheme, $page->stair->id()]) }}">
    @csrf
    <input type="hidden" name="version" value="{{ $page->scheme->version }}">
    <label for="headroom">The smallest that leaves</label>
    <input class="form-control form-control-sm" id="headroom" name="headroom" value="{{ old('headroom', $page->length($page->headroom())) }}" maxlength="100">
    <button class="btn btn-sm btn-primary">Cut it</button>
</form>
