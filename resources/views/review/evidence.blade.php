<section class="evidence" id="evidence" aria-live="polite" @if ($page->chosen) data-finding="{{ $page->chosen->fingerprint() }}" data-chosen-subject="{{ $page->chosen->subject->id() }}" @endif>
    @if ($page->chosen)
        @php($finding = $page->chosen)
        <p class="evidence-verdict verdict-{{ $finding->verdict()->value }}"><x-verdict :verdict="$finding->verdict()" :slim="$finding->outcome->slim"/>{{ Heurema\Language\Text::capital($finding->verdict()->words()) }}{{ $finding->outcome->slim ? ', '.__('slim') : '' }}<span class="clause">{{ $finding->rule->clause }}</span></p>
        <h2>{{ $finding->rule->title }}</h2>
        <p class="evidence-subject">{{ $finding->subject->name() }}@if ($finding->subject->type() === Heurema\Spatial\Subject\SubjectType::Stair) <a href="{{ route('review.stair', [$page->revision, $finding->subject->id()]) }}">Section</a>@endif</p>
        @if ($finding->measuredText())
            <dl class="figures">
                <div><dt>Measured</dt><dd>{{ $finding->measuredText() }}</dd></div>
                <div><dt>{{ $finding->verdict() === Heurema\Review\Verdict::Advised ? __('Recommended') : __('Required') }}</dt><dd>{{ $finding->limitText() }}</dd></div>
                @if ($finding->missedText())<div class="figure-short"><dt>{{ Heurema\Language\Text::capital($finding->missedWay()) }} by</dt><dd>{{ $finding->missedText() }}</dd></div>@endif
            </dl>
        @endif
        @include('review.ruling')
        @include('review.facts')
        @if ($page->sideBySide() !== [])
            <table class="side-by-side">
                <caption>The same in all books</caption>
                <thead><tr><th scope="col"><span class="visually-hidden">Verdict</span></th><th scope="col">Rule</th><th scope="col">Measured</th><th scope="col">Limit</th></tr></thead>
                <tbody>
                    @foreach ($page->sideBySide() as $beside)
                        <tr @if ($beside === $finding) aria-current="true" @endif>
                            <td><x-verdict :verdict="$beside->verdict()" :slim="$beside->outcome->slim"/><span class="visually-hidden">{{ $beside->verdict()->words() }}</span></td>
                            <th scope="row"><a href="{{ $page->address($beside->fingerprint()) }}">{{ $beside->book->title }}, {{ $beside->rule->clause }}</a></th>
                            <td>{{ $beside->measuredBriefly() ?? '?' }}</td>
                            <td>{{ $beside->limitBriefly() }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        @endif
        @include('review.source')
    @else
        <h2>Choose a finding</h2>
        <p>In the list, or point at anything on the plan. <kbd>n</kbd> takes the first.</p>
    @endif
</section>
