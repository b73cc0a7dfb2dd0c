<h1 class="sentence"><b>{{ $page->circuit->label }}</b>: {{ $live->sentence() }}</h1>
