@php($isDraft = $page->scheme->isDraft())
<details class="board-basis" id="board-basis">
    <summary>Checked against {{ implode(', ', $page->bookTitles()) }}</summary>
    @if ($isDraft)
        <form class="fields" method="post" action="{{ route('board.basis', $page->scheme) }}">
            @csrf @method('put')
            @foreach ($page->books() as $book)
                <label class="board-book"><input type="checkbox" name="books[]" value="{{ $book->id }}" @checked(in_array($book->id, $page->scheme->project->books, true))> {{ $book->title }}</label>
            @endforeach
            <button class="btn btn-tool btn-sm">Hold it against these</button>
        </form>
    @else
        <p>They are chosen in <a href="{{ route('review', $page->scheme->project->latestRevision) }}">the review</a>.</p>
    @endif
    <label>Drawn in <select id="home-units">@foreach (['imperial' => __('feet and inches'), 'metric' => __('metric')] as $units => $label)<option value="{{ $units }}" @selected($units === $page->scheme->layout->units->value)>{{ $label }}</option>@endforeach</select></label>
    <label>What is drawn is <select id="home-scope">@foreach (['whole' => __('the whole home'), 'part' => __('a part of it')] as $scope => $label)<option value="{{ $scope }}" @selected($scope === $page->scheme->layout->scope->value)>{{ $label }}</option>@endforeach</select></label>
</details>
