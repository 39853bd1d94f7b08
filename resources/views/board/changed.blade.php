<p>@if ($message !== null && (($refusedField ?? null) === null || $page->chosen === null)){{ $message }} @if ($isStale ?? false)<button type="button" class="btn btn-tool" data-act="again">Do it on this</button> <button type="button" class="btn btn-tool" data-act="forget">Leave it</button>@endif @endif</p>
@include('plan', ['oob' => true])
@include('board.note', ['oob' => true])
@include('board.storeys', ['oob' => true])
@include('board.state', ['oob' => true])
@include('board.inspector', ['oob' => true, 'refusedField' => $refusedField ?? null, 'typed' => $typed ?? []])
@include('board.findings', ['oob' => true])
