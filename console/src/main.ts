import { createApp } from 'vue'
import App from './App.vue'
import './theme'
import './style.css'

createApp(App).mount('#app')
