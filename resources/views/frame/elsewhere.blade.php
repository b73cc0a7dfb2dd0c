<p class="notice">Changed in another window: {{ $what }}, {{ $at }}. <a
        href="{{ $frame->url() }}">Show</a></p>
