@props(['verdict', 'slim' => false])
<svg class="verdict-mark" viewBox="-8 -8 16 16" aria-hidden="true">{!! App\Drawing\VerdictMark::draw($verdict, $slim) !!}</svg>
