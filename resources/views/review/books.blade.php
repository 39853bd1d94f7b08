<details class="review-books">
    <summary>Held against {{ implode(', ', array_map(fn ($book) => $book->title, $page->report->books)) }}</summary>
    <form method="post" action="{{ route('review.books', $page->revision) }}">
        @csrf
        @foreach ($page->shelf() as $book)
            <label><input type="checkbox" name="books[]" value="{{ $book->id }}" @checked(in_array($book->id, $page->revision->books, true))> {{ $book->title }}</label>
        @endforeach
        <p><button class="btn btn-primary btn-sm">Hold against these</button> <a href="{{ route('rule-books') }}">Read the rule books</a></p>
    </form>
    @error('books')<p class="field-error" role="alert">{{ $message }}</p>@enderror
</details>
