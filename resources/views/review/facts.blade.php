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
