@include('review.evidence')
@include('review.witness', ['oob' => true])
@include('review.storeys', ['oob' => true])
@if (request()->headers->get('X-Drawn-Storey') !== $page->storey)
    @include('plan', ['oob' => true])
@endif
