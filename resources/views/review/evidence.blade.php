<section class="evidence" id="evidence" aria-live="polite" @if ($page->chosen) data-finding="{{ $page->chosen->fingerprint() }}" data-chosen-subject="{{ $page->chosen->subject->id() }}" @endif>
    @if ($page->chosen)
        @php($finding = $page->chosen)
        <p class="evidence-verdict verdict-{{ $finding->verdict()->value }}"><x-verdict :verdict="$finding->verdict()" :slim="$finding->outcome->slim"/>{{ ucfirst($finding->verdict()->words()) }}{{ $finding->outcome->slim ? ', slim' : '' }}<span class="clause">{{ $finding->rule->clause }}</span></p>
        <h2>{{ $finding->rule->title }}</h2>
        <p class="evidence-subject">{{ $finding->subject->name() }}@if ($finding->subject->type() === Heurema\Spatial\SubjectType::Stair) <a href="{{ route('review.stair', [$page->revision, $finding->subject->id()]) }}">Section</a>@endif</p>
        @if ($finding->measuredText())
            <dl class="figures">
                <div><dt>Measured</dt><dd>{{ $finding->measuredText() }}</dd></div>
                <div><dt>{{ $finding->verdict() === Heurema\Review\Verdict::Advised ? 'Recommended' : 'Required' }}</dt><dd>{{ $finding->limitText() }}</dd></div>
                @if ($finding->shortText())<div class="figure-short"><dt>Off by</dt><dd>{{ $finding->shortText() }}</dd></div>@endif
            </dl>
        @endif
        @include('review.ruling')
        @if ($finding->outcome->reason)<p class="evidence-reason">{{ $finding->outcome->reason }}</p>@endif
        @if ($finding->outcome->missing !== [])
            <p class="evidence-missing"><b>Not known:</b> {{ implode('; ', $page->missing($finding)) }}.</p>
        @endif
        <p class="evidence-why">{{ $finding->rule->why }}</p>
        @if ($finding->outcome->working !== [])
            <details @if (count($finding->outcome->working) < 4) open @endif><summary>Working</summary><ol>@foreach ($finding->outcome->working as $step)<li>{{ $step }}</li>@endforeach</ol></details>
        @endif
        @if ($finding->outcome->assumptions !== [])
            <details><summary>{{ trans_choice('{1} One assumption|[2,*] :count assumptions', count($finding->outcome->assumptions)) }}</summary><ul>@foreach ($finding->outcome->assumptions as $assumption)<li>{{ $assumption }}</li>@endforeach</ul></details>
        @endif
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
        <p class="evidence-source">{{ $finding->book->title }}; value {{ $finding->rule->source }}.@if ($finding->rule->note) {{ $finding->rule->note }}@endif</p>
    @else
        <h2>Choose a finding</h2>
        <p>In the list, or point at anything on the plan. <kbd>n</kbd> takes the first.</p>
    @endif
</section>
