@if ($finding->reason())<p class="evidence-reason">{{ $finding->reason() }}</p>@endif
@includeWhen($finding->outcome->missing !== [], $missing ?? 'review.missing')
<p class="evidence-why">{{ $finding->rule->why }}</p>
@if ($finding->working() !== [])
    <details @if (count($finding->working()) < 4) open @endif><summary>Working</summary><ol>@foreach ($finding->working() as $step)<li>{{ $step }}</li>@endforeach</ol></details>
@endif
@if ($finding->assumptions() !== [])
    <details><summary>{{ trans_choice('{1} One assumption|[2,*] :count assumptions', count($finding->assumptions())) }}</summary><ul>@foreach ($finding->assumptions() as $assumption)<li>{{ $assumption }}</li>@endforeach</ul></details>
@endif
