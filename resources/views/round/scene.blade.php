<section class="round-scene" aria-label="The home in the round">
    <div class="round-view" id="round-view" tabindex="0" role="application" aria-label="The home in the round; arrow keys turn it, with Shift they move it, plus and minus go nearer and farther, 0 shows all of it" aria-describedby="round-keys"></div>
    <div class="round-labels" id="round-labels" aria-hidden="true"></div>
    <img class="round-drawing" id="round-drawing" alt="" hidden>
    <noscript><img class="round-drawing" src="{{ $page->drawing }}" alt="{{ $page->title }} from above and aside"></noscript>
    <p class="round-message" id="round-message" role="status">The home is being fetched.</p>
    <div class="round-tools" role="group" aria-label="How it is looked at">
        <button type="button" class="btn btn-tool" data-round="all">All of it</button>
        <button type="button" class="btn btn-tool" data-round="above">From above</button>
        <button type="button" class="btn btn-tool" data-round="walk" aria-pressed="false">Walk</button>
        <button type="button" class="btn btn-tool" data-round="nearer" aria-label="Nearer">+</button>
        <button type="button" class="btn btn-tool" data-round="farther" aria-label="Farther">−</button>
    </div>
    <p class="visually-hidden" id="round-keys">Enter chooses what is in the middle. While walking, the arrow keys walk and turn, Page Up and Page Down look up and down, Escape ends it.</p>
</section>
