<p class="evidence-missing"><b>Not known:</b> {{ implode('; ', $page->missing($finding)) }}.</p>
