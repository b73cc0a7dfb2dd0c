<p class="notice">Changed in another window: {{ $what }}, {{ $at }}. <a href="{{ $page->url() }}">Show</a></p>
