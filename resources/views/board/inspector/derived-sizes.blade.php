@php($derived = $page->inspector->opening()->sizes())
@if ($derived !== [])
    <details>
        <summary>What its sizes come to</summary>
        <dl class="derived">@foreach ($derived as $what => $said)<div><dt>{{ $what }}</dt><dd>{{ $said }}</dd></div>@endforeach</dl>
    </details>
@endif
