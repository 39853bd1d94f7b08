<p class="evidence-source">{{ $finding->book->title }}; value {{ $finding->rule->source }}.@if ($finding->rule->note) {{ $finding->rule->note }}@endif</p>
