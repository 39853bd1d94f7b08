@extends('layouts.page')
@section('title', __('Measures'))
@section('body-class', 'page-measures')
@section('masthead')
    <a href="{{ route('desk') }}">Desk</a> <span aria-hidden="true">/</span> <a href="{{ route('rule-books') }}">Rule books</a> <span aria-hidden="true">/</span> <h1>Measures</h1>
@endsection
@section('content')
    @php $measures = $list->bySubject() @endphp
    <div class="schedule-page">
        <div class="schedule-head">
            <nav class="choices" aria-label="Subjects">@foreach (array_keys($measures) as $subject)<a href="#of-{{ $subject }}">{{ Heurema\Language\Text::capital(Heurema\Language\Text::word($subject)) }}</a> @endforeach</nav>
            <form method="get" role="search"><label for="q">Only</label> <input class="form-control form-control-sm" id="q" name="q" value="{{ $search }}" maxlength="100"><button class="btn btn-sm btn-primary">Show</button></form>
        </div>
        <p class="book-source">What a rule can ask about, by the subject that it is of. What cannot be told of a home is undetermined, and what it lacks is named.</p>
        @forelse ($measures as $subject => $ofSubject)
            <table class="schedule measures" id="of-{{ $subject }}">
                <caption>{{ Heurema\Language\Text::capital(Heurema\Language\Text::word($subject)) }}</caption>
                <thead><tr><th scope="col">Name</th><th scope="col">Answer</th><th scope="col">What it is</th><th scope="col">Parameters</th></tr></thead>
                <tbody>
                    @foreach ($ofSubject as $measure)
                        <tr>
                            <th scope="row"><code>{{ $measure->name() }}</code></th>
                            <td>{{ App\Pages\MeasureList::answers($measure) }}</td>
                            <td>{!! preg_replace('/`([^`]+)`/', '<code>$1</code>', e(Heurema\Measure\Catalogue\Sentences::of($measure->is()))) !!}</td>
                            <td>@foreach (App\Pages\MeasureList::parameters($measure) as $name => $type)<div><code>{{ $name }}</code>: {{ $type }}</div>@endforeach</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        @empty
            <p>No measure speaks of “{{ $search }}”.</p>
        @endforelse
    </div>
@endsection
