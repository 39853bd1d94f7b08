@include('review.changed')
@include('review.list', ['oob' => true])
@include('review.state', ['oob' => true])
@include('review.stated', ['oob' => true])
