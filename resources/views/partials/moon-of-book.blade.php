<span class="moon-of-book" id="moon-of-book" @if ($alone ?? false) hx-swap-oob="true" @endif><x-moon :share="$progress->share()" :words="$progress->words()" :size="26"/></span>
