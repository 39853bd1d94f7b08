<section id="kitchen-result" class="kitchen-result" aria-live="polite" aria-label="Plans that fit">
    @if ($page->kitchen === null)<p>There is no room that walls close around.</p>
    @else
        <div class="kitchen-head">
            @if ($page->problem)<p class="field-error" role="alert">{{ $page->problem }}</p>
            @elseif (($plan = $page->plan()) === null)<p class="soft">Choose walls and what they are to hold; every plan that fits is laid out, checked against the books of this project, and can be built.</p>
            @else
                <div class="kitchen-steps">
                    <button class="btn btn-sm btn-quiet" form="kitchen-form" name="number" value="{{ $page->number - 1 }}" @disabled($page->number === 0)>Previous</button>
                    <b>Plan {{ $page->number + 1 }} of {{ count($page->plans) }}</b>
                    <button class="btn btn-sm btn-quiet" form="kitchen-form" name="number" value="{{ $page->number + 1 }}" @disabled($page->number + 1 === count($page->plans))>Next</button>
                    <form method="post" action="{{ route('board.kitchen.build', $page->scheme) }}">
                        @csrf<x-once/>
                        <input type="hidden" name="version" value="{{ $page->scheme->version }}">
                        @foreach ($page->hidden() as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
                        <button class="btn btn-sm btn-primary">Build this plan</button>
                    </form>
                </div>
                <p class="kitchen-figures">{{ $plan->count() }} {{ $plan->count() === 1 ? __('unit') : __('units') }}; {{ $page->exactly($plan->over()) }} in fillers or left over; @if ($plan->short < 1)worktops beside sink, cooktop, refrigerator and oven as the planning guidelines advise @else worktops beside sink, cooktop, refrigerator and oven {{ $page->exactly($plan->short) }} shorter in all than the planning guidelines advise @endif</p>
            @endif
        </div>
        <div class="kitchen-drawn">
            {!! $page->drawPlan() !!}
            @if ($plan = $page->plan())
                <div class="kitchen-said">
                    <h2>What the books say</h2>
                    @if (($findings = $page->findings()) === [])<p>Nothing in this room is violated or advised against.</p>
                    @else
                        <div class="kitchen-findings" tabindex="0" role="group" aria-label="What the books say"><ul>
                            @foreach ($findings as $finding)
                                <li><x-verdict :verdict="$finding->verdict()" :slim="$finding->outcome->slim"/><span class="visually-hidden">{{ $finding->verdict()->words() }}:</span> {{ $finding->rule->title }}@if ($finding->measuredBriefly() !== ''), {{ $finding->measuredBriefly() }}@endif <span class="soft">{{ $finding->subject->name() }}@if ($finding->limitBriefly() !== ''), {{ $finding->limitBriefly() }}@endif</span></li>
                            @endforeach
                        </ul></div>
                    @endif
                </div>
            @endif
        </div>
        @foreach ($page->drawWalls() as [$name, $drawing])
            <figure><figcaption>{{ $name }}</figcaption><div class="elevations-scroll" tabindex="0" role="group" aria-label="{{ $name }}">{!! $drawing !!}</div></figure>
        @endforeach
        @if ($plan = $page->plan())
            @foreach ($plan->rows as $number => $row)
                <table class="kitchen-units">
                    <caption>@if (count($plan->rows) > 1)Row {{ $number + 1 }}, from left to right @else Units from left to right @endif</caption>
                    <thead><tr><th scope="col">No.</th><th scope="col">Unit</th><th scope="col">From</th><th scope="col">Width</th><th scope="col">To</th></tr></thead>
                    <tbody>@foreach ($page->units($row) as [$place, $what, $from, $width, $to])<tr><td>{{ $place }}</td><th scope="row">{{ $what }}</th><td>{{ $from }}</td><td>{{ $width }}</td><td>{{ $to }}</td></tr>@endforeach</tbody>
                </table>
            @endforeach
        @endif
    @endif
</section>
